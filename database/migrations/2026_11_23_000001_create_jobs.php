<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->unsignedInteger('version')->comment('grows with every change, undo and redo included');
            $table->unsignedInteger('head')->comment('number of the revision that stands');
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->string('job_id');
            $table->unsignedInteger('number');
            $table->string('label');
            $table->text('file');
            $table->timestamps();
            $table->unique(['job_id', 'number']);
            $table->foreign('job_id')->references('id')->on('jobs')->cascadeOnDelete();
        });
    }
};
