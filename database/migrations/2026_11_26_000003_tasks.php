<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Long work: asked for by a page, done by a worker, looked at by whoever opens the job again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('tasks', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->string('job_id');
            $table->unsignedInteger('version')->comment('of the job it was asked for');
            $table->string('build');
            $table->string('kind')->comment('one of TaskKind');
            $table->text('question')->comment('JSON');
            $table->string('state')->comment('one of TaskState');
            $table->unsignedInteger('of')->default(0)->comment('rows there will be; 0 until that is known');
            $table->timestamps();
            $table->index(['job_id', 'kind', 'created_at']);
            $table->foreign('job_id')->references('id')->on('jobs')->cascadeOnDelete();
        });
        Schema::create('task_rows', function (Blueprint $table): void {
            $table->id();
            $table->string('task_id')->index();
            $table->text('row')->comment('JSON');
            $table->foreign('task_id')->references('id')->on('tasks')->cascadeOnDelete();
        });
        Schema::create('queued', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
    }
};
