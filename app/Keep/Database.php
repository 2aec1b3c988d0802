<?php

declare(strict_types=1);

namespace App\Keep;

use Illuminate\Database\Query\JoinClause;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use RuntimeException;

/** The workshop's database file: made, brought forward, and checked. */
final readonly class Database
{
    /** How long another that is bringing the database forward is waited for, ms. */
    private const WAIT_MS = 120_000;

    private const LOG_TRIES = 20;

    private const LOG_PAUSE_US = 50_000;

    public function __construct(private Backups $backups) {}

    public static function path(): string
    {
        return (string) config('database.connections.sqlite.database');
    }

    /**
     * Makes it where it is not there and brings it forward where it is of an earlier program, after a backup.
     *
     * @throws RuntimeException where a newer program has made it, or it cannot be brought forward
     */
    public function open(): void
    {
        $path = self::path();
        if ($path !== ':memory:' && ! is_file($path)) {
            touch($path);
            chmod($path, 0600);
        }
        if ($this->pending() === []) {
            return;
        }
        if (Schema::hasTable('jobs')) {
            $this->backups->take('before-migration');
        }
        try {
            $this->bringForward();
        } catch (QueryException $fault) {
            $newest = implode(', ', array_slice($this->backups->paths(), 0, 3));
            throw new RuntimeException("The database cannot be brought forward: {$fault->getMessage()}. Restore the newest of {$newest}.");
        }
    }

    /** All migrations that are pending in one transaction: whoever stops it half way finds the database as it was. */
    public function bringForward(): void
    {
        DB::statement('PRAGMA busy_timeout = '.self::WAIT_MS);
        DB::transaction(function (): void {
            // Another process may have done it meanwhile.
            if ($this->pending() !== []) {
                Artisan::call('migrate', ['--force' => true, '--quiet' => true, '--database' => DB::getDefaultConnection()]);
            }
        });
        DB::statement('PRAGMA busy_timeout = '.(int) config('database.connections.sqlite.busy_timeout'));
    }

    /** Empties the log beside the database, which holds pages as they were before; whoever reads at that moment is waited for a little. */
    public static function emptyLog(): bool
    {
        for ($tries = 0; $tries < self::LOG_TRIES && DB::transactionLevel() === 0; $tries++) {
            $isBusy = rescue(static fn (): bool => (bool) data_get(DB::selectOne('PRAGMA wal_checkpoint(TRUNCATE)'), 'busy'), true, report: false);
            if (! $isBusy) {
                return true;
            }
            usleep(self::LOG_PAUSE_US);
        }

        return false;
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
