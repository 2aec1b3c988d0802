<?php

declare(strict_types=1);

namespace App\Keep;

use App\Desk\Program;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Copies of the whole workshop: jobs with their histories and logs, own parts, drives. A copy is one SQLite file, taken while the program runs, with
 * what is in it and its checksum in a JSON file beside it.
 */
final class Backups
{
    /** Copies taken by themselves that are kept; those taken by hand are never removed. */
    public const KEPT = 14;

    public const TABLES = ['jobs', 'revisions', 'job_texts', 'parts', 'drives', 'logs', 'records', 'photographs', 'practice_runs'];

    public function __construct(private readonly string $folder) {}

    /** @param  string  $why  part of its name: `daily`, `before-migration`, `by-hand` */
    public function take(string $why): Backup
    {
        if (! is_dir($this->folder) && ! @mkdir($this->folder, 0700, true)) {
            throw new RuntimeException("{$this->folder} cannot be made.");
        }
        $path = "{$this->folder}/lamp-thread-".gmdate('Ymd-His').'-'.substr(bin2hex(random_bytes(2)), 0, 4)."-{$why}.sqlite";
        $unfinished = "{$path}.unfinished";
        DB::statement('VACUUM INTO ?', [$unfinished]);
        chmod($unfinished, 0600);
        $backup = Backup::seal($unfinished, $path, Program::VERSION);
        $this->prune();

        return $backup;
    }

    /** @return list<string> paths, the newest first */
    public function paths(): array
    {
        $paths = glob("{$this->folder}/lamp-thread-*.sqlite") ?: [];
        rsort($paths);

        return $paths;
    }

    public function isDue(): bool
    {
        $newest = $this->paths()[0] ?? null;

        return $newest === null || filemtime($newest) < time() - 24 * 3600;
    }

    private function prune(): void
    {
        $own = array_filter($this->paths(), static fn (string $path): bool => ! str_ends_with($path, '-by-hand.sqlite'));
        foreach (array_slice(array_values($own), self::KEPT) as $path) {
            unlink($path);
            @unlink(Backup::manifestOf($path));
        }
    }
}
