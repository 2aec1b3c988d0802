<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** Engine speed is not road speed: in a low gear up a hill the lockout holds the fan off when it is needed most. Common practice, no source. */
final readonly class LockoutInClimb implements Rule
{
    /** Engine speed a slow climb in low gear easily reaches, rpm (common practice, no source). */
    public const CLIMB_RPM = 3500.0;

    /** Road speed from which ram air alone is enough, km/h (common practice, no source). */
    public const RAM_AIR_KMH = 50.0;

    public function judge(Sizing $sizing): array
    {
        $aboveRpm = $sizing->brief->control->lockouts->aboveRpm;
        $driveline = $sizing->brief->driveline;
        if ($aboveRpm === null) {
            return [];
        }
        $numbers = ['lockout above' => [$aboveRpm, 'rpm']];
        if ($driveline !== null) {
            foreach ($driveline->gearRatios as $at => $ratio) {
                $numbers['road speed in gear '.($at + 1)] = [$driveline->roadKmh($aboveRpm, $ratio), 'km/h'];
            }
        }
        $climbs = $driveline === null
            ? $aboveRpm <= self::CLIMB_RPM
            : $driveline->roadKmh($aboveRpm, max($driveline->gearRatios)) < self::RAM_AIR_KMH && $aboveRpm <= self::CLIMB_RPM;
        if (! $climbs) {
            return $driveline === null ? [] : [new Finding(
                'lockout-road-speed',
                Severity::Note,
                'Road speed at which the lockout takes the fan away',
                'Compute it for every gear before believing that it means highway.',
                $sizing->brief->control->stages[0]->id.'-speed-lockout',
                '/control/lockouts/aboveRpm',
                $numbers,
                [],
            )];
        }

        return [new Finding(
            'lockout-in-climb',
            Severity::Danger,
            'The lockout holds the fan off in a slow climb',
            'It feels engine speed, not road speed. In a low gear there is no ram air at this engine speed.',
            $sizing->brief->control->stages[0]->id.'-speed-lockout',
            '/control/lockouts/aboveRpm',
            $numbers,
            [new Remedy('Take the lockout out', ['/control/lockouts/aboveRpm' => null])],
        )];
    }
}
