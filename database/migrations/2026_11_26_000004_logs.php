<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was measured on the vehicle of a job; and of a drive made on the screen, the legs it was made of. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('logs', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->string('job_id');
            $table->string('name');
            $table->string('taken')->comment('before, after or other');
            $table->longText('log')->comment('JSON, thinned');
            $table->timestamps();
            $table->index(['job_id', 'created_at']);
            $table->foreign('job_id')->references('id')->on('jobs')->cascadeOnDelete();
        });
        Schema::table('drives', function (Blueprint $table): void {
            $table->text('legs')->nullable()->comment('JSON');
        });
    }
};
