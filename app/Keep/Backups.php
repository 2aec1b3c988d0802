<?php

declare(strict_types=1);

namespace App\Keep;

use App\Desk\Program;
use RuntimeException;

/**
 * Copies of the whole workshop: jobs with their histories and logs, own parts, drives. A copy is one SQLite file, taken while the program runs, with
 * what is in it and its checksum in a JSON file beside it.
 */
final class Backups
{
    /** Copies taken by themselves that are kept; those taken by hand are never removed. */
    public const KEPT = 14;

    /** What was being written when the program was killed is no copy; one that is being written now is younger than this, s. */
    private const UNFINISHED_S = 3600;

    /** A clock that was put right since has given a copy a day to come, s. */
    private const AHEAD_S = 3600;

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
        // By a connection of its own: it copies what is there also while this one is in the middle of a change.
        Backup::connect(Database::path())->statement('VACUUM INTO ?', [$unfinished]);
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
        $last = $this->lastAt();

        return $last === null || $last < time() - 24 * 3600;
    }

    /** When the last copy was taken; one that is dated in the future counts for none. */
    public function lastAt(): ?int
    {
        $times = array_filter(array_map(filemtime(...), $this->paths()), static fn (int|false $at): bool => $at !== false && $at < time() + self::AHEAD_S);

        return $times === [] ? null : max($times);
    }

    /** @return list<string> copies that are dated in the future */
    public function ahead(): array
    {
        return array_values(array_filter($this->paths(), static fn (string $path): bool => filemtime($path) >= time() + self::AHEAD_S));
    }

    /** Clears away what is not kept; called daily and after each copy. */
    public function prune(): void
    {
        $own = array_filter($this->paths(), static fn (string $path): bool => ! str_ends_with($path, '-by-hand.sqlite'));
        foreach (array_slice(array_values($own), self::KEPT) as $path) {
            unlink($path);
            @unlink(Backup::manifestOf($path));
        }
        foreach (glob("{$this->folder}/*.unfinished*") ?: [] as $path) {
            if (filemtime($path) < time() - self::UNFINISHED_S) {
                @unlink($path);
            }
        }
    }
}
