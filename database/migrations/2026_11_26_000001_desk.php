<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What the desk sorts, filters and searches by stands in columns; a change no longer removes what was undone before it. */
return new class extends Migration
{
    private const TEXTS = ['title', 'customer', 'vehicle', 'notes', 'parts', 'findings'];

    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('title')->collation('nocase')->default('')->comment('of the revision that stands');
            $table->string('customer')->collation('nocase')->default('');
            $table->string('state')->nullable()->comment('one of JobState; null where it was not worked out yet');
            $table->timestamp('archived_at')->nullable();
            $table->index(['updated_at', 'id']);
            $table->index(['title', 'id']);
            $table->index(['state', 'updated_at']);
        });
        Schema::table('revisions', function (Blueprint $table): void {
            $table->unsignedInteger('parent')->nullable()->comment('number of the revision it was made from; null for the first');
            $table->string('program')->nullable()->comment('version of the program that sized it');
            $table->text('sizes')->nullable()->comment('JSON: choice to what was taken');
        });
        DB::table('revisions')->where('number', '>', 1)->update(['parent' => DB::raw('number - 1')]);
        Schema::create('job_texts', function (Blueprint $table): void {
            $table->id();
            $table->string('job_id')->unique();
            foreach (self::TEXTS as $text) {
                $table->text($text)->default('');
            }
            $table->foreign('job_id')->references('id')->on('jobs')->cascadeOnDelete();
        });
        $this->index();
        Schema::create('job_own_parts', function (Blueprint $table): void {
            $table->string('job_id');
            $table->string('part_id')->index();
            $table->primary(['job_id', 'part_id']);
            $table->foreign('job_id')->references('id')->on('jobs')->cascadeOnDelete();
        });
        Schema::table('parts', function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1)->comment('grows with every change');
        });
        DB::table('jobs')->update(['row_of' => null]);
    }

    /** The index of words holds no copy of the texts: they stay in their table, and triggers keep both in step. */
    private function index(): void
    {
        $columns = implode(', ', self::TEXTS);
        $old = implode(', ', array_map(static fn (string $text): string => "old.{$text}", self::TEXTS));
        $new = implode(', ', array_map(static fn (string $text): string => "new.{$text}", self::TEXTS));
        $leave = "INSERT INTO job_words (job_words, rowid, {$columns}) VALUES ('delete', old.id, {$old});";
        $enter = "INSERT INTO job_words (rowid, {$columns}) VALUES (new.id, {$new});";
        DB::unprepared("CREATE VIRTUAL TABLE job_words USING fts5({$columns}, content='job_texts', content_rowid='id', tokenize='unicode61 remove_diacritics 2', prefix='2 3')");
        DB::unprepared("CREATE TRIGGER job_texts_inserted AFTER INSERT ON job_texts BEGIN {$enter} END");
        DB::unprepared("CREATE TRIGGER job_texts_deleted AFTER DELETE ON job_texts BEGIN {$leave} END");
        DB::unprepared("CREATE TRIGGER job_texts_updated AFTER UPDATE ON job_texts BEGIN {$leave} {$enter} END");
    }
};
