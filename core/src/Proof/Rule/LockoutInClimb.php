<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Assumptions;
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

    /** Engine speed that tells that the engine runs, below any idle and above cranking, rpm (common practice, no source). */
    private const RUNNING_RPM = 500.0;

    public function judge(Sizing $sizing): array
    {
        $switch = $sizing->brief->control->lockouts->engineSpeed;
        $driveline = $sizing->brief->driveline;
        if ($switch === null) {
            return [];
        }
        $aboveRpm = $switch->rpm;
        $path = '/control/lockouts/engineSpeed';
        $subject = $switch->isInFeed ? EngineSpeedLockout::IN_FEED : EngineSpeedLockout::contact($sizing->brief->control->stages[0]->id);
        if (! $switch->action->locksAbove()) {
            return $switch->isOpenAt(Assumptions::IDLE_RPM) ? [new Finding(
                'lockout-at-idle', Severity::Danger, $subject, $path, ['speed' => Unit::Rpm->of($aboveRpm), 'idle' => Unit::Rpm->of(Assumptions::IDLE_RPM)],
                remedies: [Remedy::of('switch-below-idle', ["{$path}/rpm" => self::RUNNING_RPM], ['speed' => Unit::Rpm->of(self::RUNNING_RPM)])],
            )] : [];
        }
        $figures = [Figure::of('lockout-above', Unit::Rpm->of($aboveRpm))];
        foreach ($driveline->gearRatios ?? [] as $at => $ratio) {
            $figures[] = new Figure(
                Message::of('figure.road-speed-in-gear', gear: $at + 1), Unit::KilometrePerHour->of($driveline?->roadKmh($aboveRpm, $ratio) ?? 0.0),
            );
        }
        $climbs = $aboveRpm <= self::CLIMB_RPM
            && ($driveline === null || $driveline->roadKmh($aboveRpm, max($driveline->gearRatios)) < self::RAM_AIR_KMH);

        return match (true) {
            $climbs => [
                new Finding('lockout-in-climb', Severity::Danger, $subject, $path, figures: $figures, remedies: [Remedy::of('no-lockout', [$path => null])]),
            ],
            $driveline !== null => [new Finding('lockout-road-speed', Severity::Note, $subject, $path, figures: $figures)],
            default => [],
        };
    }
}
