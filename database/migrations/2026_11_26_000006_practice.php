<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Practising on hidden faults: each run with its moves, so that a score and weak spots are kept by person. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('practice_runs', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->string('person')->comment('who practises, as they write themselves');
            $table->string('lesson')->nullable()->comment('of core/data/lessons.json; null on a job of the workshop');
            $table->text('file')->comment('the job file it is on, JSON');
            $table->text('fault')->comment('what is hidden, JSON');
            $table->string('class')->comment('what the fault is counted as');
            $table->text('seen')->comment('what is told, JSON');
            $table->text('moves')->comment('JSON');
            $table->float('minutes')->default(0);
            $table->unsignedInteger('wrong')->default(0)->comment('faults named that it was not');
            $table->unsignedInteger('dangers')->default(0);
            $table->unsignedInteger('score')->nullable()->comment('of 100; null until it ends');
            $table->timestamps();
            $table->index(['person', 'created_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('practice_runs');
    }
};
