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
use LampThread\Exchange\VehicleState;
use LampThread\Exchange\Wording;

/**
 * A saved job with its history. Every change is a revision made from another one; undo and redo move the head along them, and no change takes a
 * revision away.
 *
 * @property string $id
 * @property int $version
 * @property int $head
 * @property string $title
 * @property Carbon $updated_at
 * @property Carbon|null $archived_at
 * @property Carbon|null $deleted_at
 * @property string|null $row JSON
 * @property string|null $row_of version and build the row was worked out for
 */
final class Job extends Model
{
    use HasUlids;
    use SoftDeletes;

    /** Ends the address of a job that is looked at as it was found. */
    private const AS_FOUND = '.found';

    /** Which of its two arrangements is looked at. */
    public VehicleState $state = VehicleState::Leaves;

    /** Changes of the same thing closer together than this are one step of undo, s. */
    private const SAME_CHANGE_S = 4;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['version' => 'integer', 'head' => 'integer', 'archived_at' => 'datetime'];
    }

    /** The demo workshop's jobs are called by name, everyone else's by a ULID. */
    protected function isValidUniqueId(mixed $value): bool
    {
        return is_string($value) && preg_match('/^[a-z0-9-]{1,60}$/', $value) === 1;
    }

    /** A job by its address: itself, or as it was found. */
    public function resolveRouteBinding($value, $field = null)
    {
        $job = parent::resolveRouteBinding(self::withoutState((string) $value), $field);
        if ($job instanceof self && str_ends_with((string) $value, self::AS_FOUND)) {
            $job->state = VehicleState::Found;
        }

        return $job;
    }

    private static function withoutState(string $address): string
    {
        return str_ends_with($address, self::AS_FOUND) ? substr($address, 0, -strlen(self::AS_FOUND)) : $address;
    }

    /** Where it is addressed. */
    public function address(): string
    {
        return $this->id.($this->state === VehicleState::Found ? self::AS_FOUND : '');
    }

    /** @param  Content  $content  already checked */
    public static function start(Content $content, string $label, ?string $id = null): self
    {
        return DB::transaction(static function () use ($content, $label, $id): self {
            $job = self::create([...($id === null ? [] : ['id' => $id]), 'version' => 1, 'head' => 1]);
            $job->revisions()->create(['number' => 1, 'label' => $label, ...$content->columns()]);
            $job->keepRow($content->row, $content->build);

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

    /** The revision that would be redone: the last that was made from the one that stands. */
    public function undone(): ?Revision
    {
        return $this->revisions()->where('parent', $this->head)->orderByDesc('number')->first();
    }

    /** Whether a change was made already. */
    public function hasTaken(string $change): bool
    {
        return DB::table('sent_changes')->where('id', $change)->where('job_id', $this->id)->exists();
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
     * Takes a change on. What was undone before stays in the history.
     *
     * @param  string|null  $id  of the change, by which it is known when it comes again
     * @param  string|null  $window  of the browser it was made in
     * @param  bool  $isStep  whether it is a step of undo of its own, however soon it comes after one like it
     *
     * @throws OutOfStep when the job has moved on since $version
     */
    public function change(int $version, string $label, Content $content, ?string $id = null, ?string $window = null, bool $isStep = false): void
    {
        $this->moveOn($version, function () use ($label, $content, $id, $window, $isStep): void {
            if ($id !== null) {
                DB::table('sent_changes')->insert(['id' => $id, 'job_id' => $this->id, 'created_at' => now()]);
            }
            $standing = $this->revision();
            // Typed on by the same person in the same window.
            $isSame = ! $isStep && $standing !== null && $this->head > 1 && $standing->label === $label && $standing->by === $content->by && $standing->window === $window
                && $this->undone() === null && $standing->updated_at->diffInSeconds(now()) < self::SAME_CHANGE_S;
            if ($isSame) {
                $standing->update($content->columns());
            } else {
                $number = 1 + (int) $this->revisions()->max('number');
                $this->revisions()->create(['number' => $number, 'parent' => $this->head, 'label' => $label, 'window' => $window, ...$content->columns()]);
                $this->head = $number;
            }
            $this->keepRow($content->row, $content->build);
        });
    }

    /**
     * Stands on another revision of the job: undo, redo, or any one of its history.
     *
     * @throws OutOfStep
     */
    public function standOn(int $version, Revision $revision): void
    {
        $this->moveOn($version, function () use ($revision): void {
            $this->head = $revision->number;
        });
    }

    /** @throws OutOfStep */
    public function archive(int $version, bool $isArchived): void
    {
        $this->moveOn($version, function () use ($isArchived): void {
            $this->archived_at = $isArchived ? now() : null;
            $this->carryRow();
        });
    }

    /** @throws OutOfStep */
    public function bin(int $version): void
    {
        $this->moveOn($version, function (): void {
            $this->carryRow();
            $this->save();
            $this->delete();
        });
    }

    /**
     * What the desk shows of it as it was last worked out for this version; whether that was by another build stands under `isStale`.
     *
     * @return array<string, mixed>|null
     */
    public function keptRow(string $build): ?array
    {
        [$version, $by] = [...explode('/', (string) $this->row_of, 2), ''];
        $row = (int) $version === $this->version && is_string($this->row) ? json_decode($this->row) : null;

        return $row instanceof \stdClass ? [...get_object_vars($row), 'isStale' => $by !== $build] : null;
    }

    /** Nothing is kept where the job has moved on since this was read. */
    public function keepRow(JobRow $row, string $build): void
    {
        DB::transaction(function () use ($row, $build): void {
            $kept = [
                'title' => $row->title,
                'customer' => $row->customer,
                'state' => $row->state->value,
                'row' => json_encode($row->present(Wording::english()), JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR),
                'row_of' => "{$this->version}/{$build}",
            ];
            // Past the model, which would call the job changed.
            if (self::withTrashed()->toBase()->where('id', $this->id)->where('version', $this->version)->update($kept) === 0) {
                return;
            }
            $this->setRawAttributes([...$this->getAttributes(), ...$kept]);
            $this->syncOriginalAttributes(array_keys($kept));
            DB::table('job_texts')->updateOrInsert(['job_id' => $this->id], $row->texts);
            DB::table('job_own_parts')->where('job_id', $this->id)->whereNotIn('part_id', $row->ownParts)->delete();
            DB::table('job_own_parts')->insertOrIgnore(array_map(fn (string $part): array => ['job_id' => $this->id, 'part_id' => $part], $row->ownParts));
        });
    }

    /** Where a job lies says nothing about what stands against it. */
    private function carryRow(): void
    {
        $this->row_of = preg_replace('/^\d+/', (string) $this->version, (string) $this->row_of);
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
