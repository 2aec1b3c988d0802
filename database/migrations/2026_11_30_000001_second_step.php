<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A change that is sent twice is made once; a run of practice goes with the job it was on; a drive is not changed by two at once. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('sent_changes', function (Blueprint $table): void {
            $table->string('id')->comment('made in the window the change was made in');
            $table->string('job_id');
            $table->primary(['job_id', 'id']);
            $table->timestamp('created_at')->index();
            $table->foreign('job_id')->references('id')->on('jobs')->cascadeOnDelete();
        });
        Schema::table('revisions', function (Blueprint $table): void {
            $table->string('window')->nullable()->comment('of the browser the change came from');
        });
        Schema::table('drives', function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1)->comment('grows with every change');
        });
        Schema::table('practice_runs', function (Blueprint $table): void {
            $table->string('job_id')->nullable()->index()->comment('job of the workshop it is on; null on a lesson');
        });
        Schema::table('tasks', function (Blueprint $table): void {
            $table->string('by')->nullable()->comment('who asked for it; null on one machine alone');
        });
        $this->bindRuns();
    }

    /** Runs that were begun before did not say which job they are on. Where no job has that content any more, whose it was is taken out of them. */
    private function bindRuns(): void
    {
        foreach (DB::table('practice_runs')->whereNull('lesson')->get(['id', 'file']) as $run) {
            $job = DB::table('revisions')->where('file', $run->file)->value('job_id');
            $file = json_decode($run->file, true);
            $file['job'] = ['title' => 'A job of this workshop', 'customer' => '', 'vehicle' => '', 'notes' => ''];
            DB::table('practice_runs')->where('id', $run->id)->update($job === null ? ['file' => json_encode($file)] : ['job_id' => $job]);
        }
    }
};
