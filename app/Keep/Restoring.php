<?php

declare(strict_types=1);

namespace App\Keep;

use App\Tasks\TaskState;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Throwable;

/**
 * Puts what a backup holds in the place of what the database holds: in one transaction on the database itself, so that a program that is running
 * goes on with it, whoever writes meanwhile waits, and a stop half way leaves everything as it was.
 */
final readonly class Restoring
{
    /** How the backup is called beside the database, once it is brought forward. */
    private const BESIDE = 'restored';

    /** What the index of words and SQLite itself keep: it follows from the rest. */
    private const DERIVED = "name NOT LIKE 'sqlite_%' AND name NOT LIKE 'job_words%' AND name <> 'migrations'";

    public function __construct(private Database $database, private Backups $backups) {}

    /**
     * @param  bool  $isCopied  whether what is there is worth a backup first
     * @return array{Backup|null, list<string>} the backup of what was there, and what is otherwise than in the one that was restored
     *
     * @throws RuntimeException
     */
    public function put(Backup $backup, bool $isCopied): array
    {
        $staged = Database::path().'.restoring';
        try {
            $this->stage($backup, $staged);
            DB::statement('ATTACH DATABASE ? AS '.self::BESIDE, [$staged]);

            return DB::transaction(fn (): array => [$isCopied ? $this->backups->take('by-hand') : null, $this->replace($backup)]);
        } finally {
            rescue(static fn () => DB::statement('DETACH DATABASE '.self::BESIDE), report: false);
            Database::emptyLog();
            @unlink($staged);
        }
    }

    /** A file that is no database any more is put aside, and an empty one takes its place. */
    public function putAsideIfDamaged(): void
    {
        $path = Database::path();
        if (! is_file($path)) {
            return;
        }
        try {
            $says = (string) data_get(DB::selectOne('PRAGMA quick_check(1)'), 'quick_check');
        } catch (Throwable $fault) {
            $says = $fault->getMessage();
        }
        if ($says !== 'ok') {
            DB::purge('sqlite');
            foreach (['', '-wal', '-shm'] as $ending) {
                @rename($path.$ending, $path.'.damaged-'.gmdate('Ymd-His').$ending);
            }
        }
    }

    /** The backup, as this program has its tables. */
    private function stage(Backup $backup, string $staged): void
    {
        if (! @copy($backup->path, $staged)) {
            throw new RuntimeException("{$staged} cannot be written.");
        }
        chmod($staged, 0600);
        config(['database.connections.staged' => [...config('database.connections.sqlite'), 'database' => $staged, 'journal_mode' => 'delete']]);
        DB::usingConnection('staged', $this->database->bringForward(...));
        DB::purge('staged');
    }

    /** @return list<string> what is otherwise afterwards */
    private function replace(Backup $backup): array
    {
        DB::statement('PRAGMA defer_foreign_keys = ON');
        $tables = array_column(DB::select("SELECT name FROM main.sqlite_master WHERE type = 'table' AND ".self::DERIVED), 'name');
        foreach ($tables as $table) {
            DB::statement("DELETE FROM main.\"{$table}\"");
        }
        $differ = [];
        foreach ($tables as $table) {
            $columns = implode(', ', array_map(
                static fn (string $column): string => "\"{$column}\"", array_column(DB::select("PRAGMA main.table_info(\"{$table}\")"), 'name'),
            ));
            DB::statement("INSERT INTO main.\"{$table}\" ({$columns}) SELECT {$columns} FROM ".self::BESIDE.".\"{$table}\"");
            foreach ([['main', self::BESIDE], [self::BESIDE, 'main']] as [$one, $other]) {
                $only = "SELECT {$columns} FROM {$one}.\"{$table}\" EXCEPT SELECT {$columns} FROM {$other}.\"{$table}\"";
                $count = data_get(DB::selectOne("SELECT count(*) AS rows FROM ({$only})"), 'rows');
                if ($count !== 0) {
                    $differ[] = "{$count} rows of {$table} are otherwise.";
                }
            }
            $rows = DB::table($table)->count();
            if ($rows !== ($backup->rows[$table] ?? $rows)) {
                $differ[] = "Of {$table} {$backup->rows[$table]} rows were in the backup, and {$rows} are there.";
            }
        }
        DB::statement('DELETE FROM main.sqlite_sequence');
        DB::statement('INSERT INTO main.sqlite_sequence SELECT * FROM '.self::BESIDE.'.sqlite_sequence');
        // Whoever was signed in then signs in again, and what was being worked out then is asked for again.
        DB::table('sessions')->delete();
        DB::table('queued')->delete();
        DB::table('tasks')->whereIn('state', [TaskState::Waiting->value, TaskState::Running->value])->update(['state' => TaskState::Stopped->value]);

        return $differ;
    }
}
