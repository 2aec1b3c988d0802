<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\Carbon;
use Closure;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;

/**
 * A saved job with its history. Every change is a revision; undo and redo move the head along them.
 *
 * @property string $id
 * @property int $version
 * @property int $head
 * @property Carbon $updated_at
 * @property string|null $row JSON
 * @property string|null $row_of version and build the row was worked out for
 */
final class Job extends Model
{
    use HasUlids;
    use SoftDeletes;

    /** Changes of the same thing closer together than this are one step of undo, s. */
    private const SAME_CHANGE_S = 4;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['version' => 'integer', 'head' => 'integer'];
    }

    /** The demo workshop's jobs are called by name, everyone else's by a ULID. */
    protected function isValidUniqueId(mixed $value): bool
    {
        return is_string($value) && preg_match('/^[a-z0-9-]{1,60}$/', $value) === 1;
    }

    /** @param  array<string, mixed>  $file  already checked */
    public static function start(array $file, string $label, ?string $id = null): self
    {
        return DB::transaction(static function () use ($file, $label, $id): self {
            $job = self::create([...($id === null ? [] : ['id' => $id]), 'version' => 1, 'head' => 1]);
            $job->revisions()->create(['number' => 1, 'label' => $label, 'file' => $file]);

            return $job;
        });
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    public function revision(?int $number = null): ?Revision
    {
        return $this->revisions()->where('number', $number ?? $this->head)->first();
    }

    /** @return array<string, mixed> */
    public function file(): array
    {
        return $this->revision()->file ?? [];
    }

    /** The file's JSON as it is stored, whether it reads or not. */
    public function storedFile(): string
    {
        return (string) $this->revision()?->getRawOriginal('file');
    }

    /**
     * Takes a change on. What was undone before is gone with it, as in any editor.
     *
     * @param  Closure(array<string, mixed>): array<string, mixed>  $change  from the file that stands to the new one, checked
     *
     * @throws OutOfStep when the job has moved on since $version
     */
    public function change(int $version, string $label, Closure $change): void
    {
        $this->moveOn($version, function () use ($label, $change): void {
            $standing = $this->revision();
            $file = $change($this->file());
            $this->revisions()->where('number', '>', $this->head)->delete();
            $isSame = $standing !== null && $this->head > 1 && $standing->label === $label
                && $standing->updated_at->diffInSeconds(now()) < self::SAME_CHANGE_S;
            if ($isSame) {
                $standing->update(['file' => $file]);
            } else {
                $this->revisions()->create(['number' => ++$this->head, 'label' => $label, 'file' => $file]);
            }
        });
    }

    /**
     * @param  int  $by  −1 for undo, 1 for redo; stays where it is at either end
     *
     * @throws OutOfStep
     */
    public function step(int $version, int $by): void
    {
        $this->moveOn($version, function () use ($by): void {
            if ($this->revision($this->head + $by) !== null) {
                $this->head += $by;
            }
        });
    }

    /**
     * What the list shows of it, where that was worked out for this version under this build.
     *
     * @return array<string, mixed>|null
     */
    public function keptRow(string $build): ?array
    {
        return $this->row_of === $this->rowOf($build) && is_string($this->row) ? json_decode($this->row, true) : null;
    }

    /** @param  array<string, mixed>  $row  fits schema/job-list.json, without what the table has itself */
    public function keepRow(string $build, array $row): void
    {
        $this->timestamps = false;
        $this->update(['row' => json_encode($row, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR), 'row_of' => $this->rowOf($build)]);
        $this->timestamps = true;
    }

    private function rowOf(string $build): string
    {
        return "{$this->version}/{$build}";
    }

    /** @param  Closure(): void  $move */
    private function moveOn(int $version, Closure $move): void
    {
        DB::transaction(function () use ($version, $move): void {
            // Taken first, so that of two windows on one version exactly one gets on.
            $taken = self::whereKey($this->id)->where('version', $version)->update(['version' => $version + 1]);
            if ($taken !== 1) {
                throw new OutOfStep;
            }
            $this->refresh();
            $move();
            $this->touch();
        });
    }
}
