<?php

declare(strict_types=1);

namespace App\Handover;

use App\Models\JobRecord;
use App\Models\RecordKind;

/** How long this workshop takes for each step of the work, from its own ticks: the time from the tick before, in the middle of several jobs. */
final class OwnMinutes
{
    private const LEAST_JOBS = 3;

    /** A longer pause is not work, min. */
    private const LONGEST = 240.0;

    /** Ticks nearer than this were made afterwards, one after the other, min. */
    private const SHORTEST = 0.5;

    private const LOOKED_AT = 5000;

    /** @return array<string, float> step to minutes; only those of which enough is known */
    public static function bySteps(): array
    {
        $taken = [];
        $before = null;
        $ticks = JobRecord::query()->where('kind', RecordKind::Tick->value)->orderByDesc('number')->limit(self::LOOKED_AT)->get()
            ->sortBy([['job_id', 'asc'], ['at', 'asc'], ['number', 'asc']]);
        foreach ($ticks as $tick) {
            if ($before?->job_id === $tick->job_id && ($tick->data['done'] ?? false) === true) {
                $minutes = ($tick->at->getTimestamp() - $before->at->getTimestamp()) / 60;
                if ($minutes >= self::SHORTEST && $minutes <= self::LONGEST) {
                    $taken[$tick->step][] = $minutes;
                }
            }
            $before = $tick;
        }

        return array_map(self::middle(...), array_filter($taken, static fn (array $minutes): bool => count($minutes) >= self::LEAST_JOBS));
    }

    /** @param  list<float>  $minutes */
    private static function middle(array $minutes): float
    {
        sort($minutes);

        return round($minutes[intdiv(count($minutes), 2)]);
    }
}
