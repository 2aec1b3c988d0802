<?php

declare(strict_types=1);

namespace App\Keep;

use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use RuntimeException;

/** The workshop's database file: made, brought forward, and checked. */
final readonly class Database
{
    public function __construct(private Backups $backups) {}

    /**
     * Makes it where it is not there and brings it forward where it is of an earlier program, after a backup.
     *
     * @throws RuntimeException where a newer program has made it
     */
    public function open(): void
    {
        $path = (string) config('database.connections.sqlite.database');
        if ($path !== ':memory:' && ! is_file($path)) {
            touch($path);
            chmod($path, 0600);
        }
        $pending = $this->pending();
        if ($pending !== [] && Schema::hasTable('jobs')) {
            $this->backups->take('before-migration');
        }
        if ($pending !== []) {
            Artisan::call('migrate', ['--force' => true, '--quiet' => true]);
        }
    }

    /**
     * @return list<string> migrations that have not run yet
     *
     * @throws RuntimeException
     */
    public function pending(): array
    {
        $known = array_map(static fn (string $path): string => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: []);
        $done = Schema::hasTable('migrations') ? DB::table('migrations')->pluck('migration')->all() : [];
        $newer = array_diff($done, $known);

        return $newer === [] ? array_values(array_diff($known, $done)) : throw new RuntimeException(
            'This database was made by a newer program ('.implode(', ', $newer).'). Start that one, or restore a backup of this one.',
        );
    }

    /** @return list<string> what is wrong with the file itself; none where nothing is */
    public function faults(): array
    {
        $faults = array_map(static fn (object $row): string => (string) current(get_object_vars($row)), DB::select('PRAGMA integrity_check'));
        $keys = array_map(
            static fn (object $row): string => 'A row of '.get_object_vars($row)['table'].' belongs to nothing.', DB::select('PRAGMA foreign_key_check'),
        );
        $heads = DB::table('jobs')->leftJoin('revisions', static function (JoinClause $join): void {
            $join->on('revisions.job_id', '=', 'jobs.id')->on('revisions.number', '=', 'jobs.head');
        })->whereNull('revisions.id')->pluck('jobs.id')->map(static fn (string $id): string => "Job {$id} stands on a revision that is not there.")->all();

        return array_values([...array_diff($faults, ['ok']), ...$keys, ...$heads]);
    }
}
