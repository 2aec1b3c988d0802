<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\Carbon;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use LampThread\Road\Log;
use LampThread\Road\LogComparison;

/**
 * A log taken on the vehicle of a job: before the work, after it, or at any other time.
 *
 * @property string $id
 * @property string $job_id
 * @property string $name
 * @property string $taken before, after or other
 * @property string $log JSON
 * @property Carbon $created_at
 */
final class JobLog extends Model
{
    use HasUlids;

    public const TAKEN = ['before', 'after', 'other'];

    protected $table = 'logs';

    protected $guarded = [];

    public static function keep(Job $job, string $name, string $taken, Log $log): self
    {
        return self::query()->create(['job_id' => $job->id, 'name' => $name, 'taken' => $taken, 'log' => json_encode($log, JSON_THROW_ON_ERROR)]);
    }

    public static function ofJob(Job $job, string $id): self
    {
        return self::query()->where('job_id', $job->id)->findOrFail($id);
    }

    /** The last log before the work against the last one after it; null where there are no two. */
    public static function compared(Job $job): ?LogComparison
    {
        $last = static fn (string $taken): ?self => self::query()->where('job_id', $job->id)->where('taken', $taken)->orderByDesc('created_at')->orderByDesc('id')->first();
        [$before, $after] = [$last('before'), $last('after')];

        return $before === null || $after === null ? null : LogComparison::of($before->measured(), $after->measured());
    }

    public function measured(): Log
    {
        return new Log(...json_decode($this->log, true, flags: JSON_THROW_ON_ERROR));
    }
}
