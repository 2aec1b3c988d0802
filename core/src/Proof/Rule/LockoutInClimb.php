<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Control\Lockout\EngineSpeedLockout;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
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
        $figures = [Figure::of('lockout-above', Unit::Rpm->of($aboveRpm))];
        foreach ($driveline->gearRatios ?? [] as $at => $ratio) {
            $figures[] = new Figure(
                Message::of('figure.road-speed-in-gear', gear: $at + 1), Unit::KilometrePerHour->of($driveline?->roadKmh($aboveRpm, $ratio) ?? 0.0),
            );
        }
        $climbs = $aboveRpm <= self::CLIMB_RPM
            && ($driveline === null || $driveline->roadKmh($aboveRpm, max($driveline->gearRatios)) < self::RAM_AIR_KMH);
        $subject = EngineSpeedLockout::contact($sizing->brief->control->stages[0]->id);
        $path = '/control/lockouts/aboveRpm';

        return match (true) {
            $climbs => [
                new Finding('lockout-in-climb', Severity::Danger, $subject, $path, figures: $figures, remedies: [Remedy::of('no-lockout', [$path => null])]),
            ],
            $driveline !== null => [new Finding('lockout-road-speed', Severity::Note, $subject, $path, figures: $figures)],
            default => [],
        };
    }
}
