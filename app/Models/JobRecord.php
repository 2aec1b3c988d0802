<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Discretion;
use Carbon\Carbon;
use Illuminate\Database\Eloquent\Model;

/**
 * One entry in the record of a job.
 *
 * @property int $number in the order they came
 * @property string $id made where it was written
 * @property string $job_id
 * @property RecordKind $kind
 * @property string $step
 * @property string $by
 * @property Carbon $at
 * @property int $job_version
 * @property array<string, mixed> $data
 */
final class JobRecord extends Model
{
    public $incrementing = false;

    protected $table = 'records';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $casts = ['kind' => RecordKind::class, 'at' => 'datetime', 'data' => 'array'];

    /**
     * @param  array<int, mixed>  $jobs  ids
     * @return array<string, string> job to the stage it was last said to have reached
     */
    public static function stages(array $jobs): array
    {
        $stages = [];
        foreach (self::query()->whereIn('job_id', $jobs)->where('kind', RecordKind::Stage->value)->orderBy('at')->orderBy('number')->get() as $record) {
            $stages[$record->job_id] = $record->data['stage'];
        }

        return $stages;
    }

    /** @return list<array<string, mixed>> what goes along with the job’s file */
    public static function carried(Job $job, Discretion $discretion): array
    {
        return array_values(array_map(
            static fn (self $record): array => array_diff_key($record->open(), ['id' => 1, 'job' => 1]),
            array_filter(self::ofJob($job, $discretion), static fn (self $record): bool => $record->kind !== RecordKind::Photograph),
        ));
    }

    /** @return array<string, mixed> all that is kept of it */
    public function open(): array
    {
        return [
            'id' => $this->id, 'job' => $this->job_id, 'kind' => $this->kind->value, 'step' => $this->step, 'by' => $this->by, 'at' => $this->at->toIso8601ZuluString(),
            'jobVersion' => $this->job_version, ...$this->data,
        ];
    }

    /** @return list<self> of a job, the oldest first, as far as they are for whoever reads them */
    public static function ofJob(Job $job, Discretion $discretion): array
    {
        return $discretion->records(array_values(self::query()->where('job_id', $job->id)->orderBy('at')->orderBy('number')->get()->all()));
    }
}
