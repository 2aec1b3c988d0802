<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The record of a job: what was ticked, read, noted, signed and photographed, in the order it was done. Nothing in it is ever changed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('records', function (Blueprint $table): void {
            $table->id('number')->comment('in the order they came');
            $table->string('id')->unique()->comment('made where it was written, so that sending it twice keeps it once');
            $table->string('job_id');
            $table->string('kind')->comment('one of RecordKind');
            $table->string('step')->default('')->comment('of the work or of the tests');
            $table->string('by')->comment('initials');
            $table->timestamp('at')->comment('when it was done');
            $table->integer('job_version');
            $table->text('data')->comment('JSON');
            $table->timestamps();
            $table->index(['job_id', 'at']);
            $table->foreign('job_id')->references('id')->on('jobs')->cascadeOnDelete();
        });
        Schema::create('photographs', function (Blueprint $table): void {
            $table->string('id')->primary()->comment('of its record');
            $table->string('media_type');
            $table->binary('bytes');
            $table->foreign('id')->references('id')->on('records')->cascadeOnDelete();
        });
    }
};
