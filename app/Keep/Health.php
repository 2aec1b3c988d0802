<?php

declare(strict_types=1);

namespace App\Keep;

use App\Desk\Program;
use App\Models\JobState;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether the workshop's machine is well: database, disk, cache, backups, versions. Names no job and no customer. */
final readonly class Health
{
    /** Less than this and a backup may not fit, bytes. */
    private const LEAST_FREE = 500_000_000;

    /** @var array<string, array{isWell: bool, says: string}> */
    private array $checks;

    public function __construct(Backups $backups)
    {
        $this->checks = [
            'database' => self::checked(static function (): array {
                $jobs = DB::table('jobs')->count();
                $broken = DB::table('jobs')->where('state', JobState::Unreadable->value)->whereNull('deleted_at')->count();
                $fault = DB::selectOne('PRAGMA quick_check(1)');
                $says = (string) data_get($fault, 'quick_check');

                return [$says === 'ok', "{$jobs} jobs, {$broken} of them unreadable; ".($says === 'ok' ? 'sound' : $says)];
            }),
            'disk' => self::checked(static function (): array {
                $free = (int) disk_free_space(dirname((string) config('database.connections.sqlite.database')) ?: '.');

                return [$free > self::LEAST_FREE, round($free / 1e9, 1).' GB free'];
            }),
            'cache' => self::checked(static function (): array {
                $folder = (string) config('cache.stores.file.path');

                return [is_writable($folder), is_writable($folder) ? 'can be written' : 'cannot be written: every answer is worked out anew'];
            }),
            'backup' => self::checked(static function () use ($backups): array {
                $last = $backups->lastAt();
                $ahead = $backups->ahead();
                $says = $last === null ? 'none yet; the first is taken a minute after the start' : 'last '.gmdate('Y-m-d H:i', $last).' UTC';

                return [! $backups->isDue() && $ahead === [], $says.($ahead === [] ? '' : '; dated in the future: '.implode(', ', array_map(basename(...), $ahead)))];
            }),
            'versions' => self::checked(static function (): array {
                $sqlite = data_get(DB::selectOne('SELECT sqlite_version() AS version'), 'version');

                return [true, 'Lamp Thread '.Program::VERSION.', PHP '.PHP_VERSION.", SQLite {$sqlite}"];
            }),
        ];
    }

    /** A backup that is due is told, but stops nobody from working. */
    public function isWell(): bool
    {
        return $this->checks['database']['isWell'] && $this->checks['disk']['isWell'];
    }

    /** @return array<string, mixed> fits schema/health.json */
    public function present(): array
    {
        return ['isWell' => $this->isWell(), 'checks' => array_map(
            static fn (string $name, array $check): array => ['name' => $name, ...$check], array_keys($this->checks), array_values($this->checks),
        )];
    }

    /**
     * @param  \Closure(): array{bool, string}  $check
     * @return array{isWell: bool, says: string}
     */
    private static function checked(\Closure $check): array
    {
        try {
            [$isWell, $says] = $check();

            return ['isWell' => $isWell, 'says' => $says];
        } catch (Throwable $fault) {
            return ['isWell' => false, 'says' => $fault::class];
        }
    }
}
