<?php

declare(strict_types=1);

namespace App\Keep;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** One copy of the workshop. */
final readonly class Backup
{
    /** @param  array<string, int>  $rows  table to how many it has */
    private function __construct(public string $path, public string $program, public string $takenAt, public string $sha256, public array $rows) {}

    /** Writes what a finished copy holds beside it, then gives it its name. */
    public static function seal(string $unfinished, string $path, string $program): self
    {
        $copy = self::connect($unfinished);
        $rows = [];
        foreach (Backups::TABLES as $table) {
            $rows[$table] = $copy->getSchemaBuilder()->hasTable($table) ? $copy->table($table)->count() : 0;
        }
        $copy->disconnect();
        $backup = new self($path, $program, gmdate('Y-m-d\TH:i:s\Z'), (string) hash_file('sha256', $unfinished), $rows);
        file_put_contents(self::manifestOf($path), json_encode([
            'format' => 'lamp-thread/backup', 'program' => $program, 'takenAt' => $backup->takenAt, 'sha256' => $backup->sha256, 'rows' => $rows,
        ], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR)."\n");
        rename($unfinished, $path);

        return $backup;
    }

    /** @throws RuntimeException where it is none, or no longer what was sealed */
    public static function open(string $path): self
    {
        $manifest = is_file(self::manifestOf($path)) ? json_decode((string) file_get_contents(self::manifestOf($path)), true) : null;
        if (! is_file($path) || ! is_array($manifest) || ($manifest['format'] ?? null) !== 'lamp-thread/backup') {
            throw new RuntimeException("{$path} is no backup: the file or the one that describes it, ".basename(self::manifestOf($path)).', is missing.');
        }
        $sha256 = (string) hash_file('sha256', $path);
        if ($sha256 !== $manifest['sha256']) {
            throw new RuntimeException("{$path} is not as it was taken: its checksum differs. Use another backup.");
        }

        return new self($path, $manifest['program'], $manifest['takenAt'], $sha256, $manifest['rows']);
    }

    public static function connect(string $path): Connection
    {
        $connection = DB::build(['driver' => 'sqlite', 'database' => $path]);
        assert($connection instanceof Connection);

        return $connection;
    }

    public static function manifestOf(string $path): string
    {
        return preg_replace('/\.sqlite$/', '', $path).'.json';
    }
}
