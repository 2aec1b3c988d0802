<?php

declare(strict_types=1);

namespace App\Keep;

use App\Models\Job;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Puts a backup in the place of the database, and proves that nothing of it is missing or otherwise. */
final readonly class Restoring
{
    /** Columns that the program fills from the others. */
    private const WORKED_OUT = ['row', 'row_of', 'state', 'title', 'customer'];

    public function __construct(private Verification $verification) {}

    public function put(Backup $backup): void
    {
        $path = (string) config('database.connections.sqlite.database');
        if (! @copy($backup->path, "{$path}.restoring")) {
            throw new RuntimeException("{$path}.restoring cannot be written.");
        }
        chmod("{$path}.restoring", 0600);
        DB::purge('sqlite');
        // The log of the database that was there belongs to that one.
        foreach (['-wal', '-shm'] as $ending) {
            @unlink($path.$ending);
        }
        rename("{$path}.restoring", $path);
    }

    /** @return array{int, list<string>} how many jobs are worked out with the same content, and what is otherwise than in the backup */
    public function compare(Backup $backup): array
    {
        $copy = Backup::connect($backup->path);
        $differ = [];
        $tables = array_filter(['jobs', 'revisions', 'parts', 'drives', 'logs', 'records', 'photographs', 'practice_runs'], $copy->getSchemaBuilder()->hasTable(...));
        foreach ($tables as $table) {
            $columns = array_values(array_diff($copy->getSchemaBuilder()->getColumnListing($table), self::WORKED_OUT));
            $was = (static fn (): \Generator => yield from $copy->table($table)->select($columns)->orderBy('id')->cursor())();
            foreach (DB::table($table)->select($columns)->orderBy('id')->cursor() as $row) {
                if ((array) $was->current() !== (array) $row) {
                    $differ[] = "A row of {$table} is otherwise.";
                }
                $was->next();
            }
            if ($was->valid()) {
                $differ[] = "A row of {$table} is missing.";
            }
        }
        $copy->disconnect();
        $same = 0;
        $this->verification->each(static function (Job $job, ?string $answer) use (&$same): void {
            $same += $answer === null ? 0 : 1;
        });

        return [$same, array_values(array_unique($differ))];
    }
}
