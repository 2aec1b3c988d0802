<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The record of a job: what was ticked, read, noted, signed and photographed, in the order it was done. Nothing in it is ever changed. */
return new class extends Migration
{
    private const TEXTS = ['title', 'customer', 'vehicle', 'notes', 'parts', 'findings', 'record'];

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
        Schema::table('job_texts', function (Blueprint $table): void {
            $table->text('record')->default('')->comment('notes, complaints and sign-offs');
        });
        $this->index();
    }

    /** Jobs are found by what was written down of them too: the index of words is made anew with one column more. */
    private function index(): void
    {
        $columns = implode(', ', self::TEXTS);
        $old = implode(', ', array_map(static fn (string $text): string => "old.{$text}", self::TEXTS));
        $new = implode(', ', array_map(static fn (string $text): string => "new.{$text}", self::TEXTS));
        $leave = "INSERT INTO job_words (job_words, rowid, {$columns}) VALUES ('delete', old.id, {$old});";
        $enter = "INSERT INTO job_words (rowid, {$columns}) VALUES (new.id, {$new});";
        foreach (['inserted', 'deleted', 'updated'] as $done) {
            DB::unprepared("DROP TRIGGER job_texts_{$done}");
        }
        DB::unprepared('DROP TABLE job_words');
        DB::unprepared("CREATE VIRTUAL TABLE job_words USING fts5({$columns}, content='job_texts', content_rowid='id', tokenize='unicode61 remove_diacritics 2', prefix='2 3')");
        DB::unprepared("CREATE TRIGGER job_texts_inserted AFTER INSERT ON job_texts BEGIN {$enter} END");
        DB::unprepared("CREATE TRIGGER job_texts_deleted AFTER DELETE ON job_texts BEGIN {$leave} END");
        DB::unprepared("CREATE TRIGGER job_texts_updated AFTER UPDATE ON job_texts BEGIN {$leave} {$enter} END");
        DB::unprepared("INSERT INTO job_words (job_words) VALUES ('rebuild')");
    }
};
