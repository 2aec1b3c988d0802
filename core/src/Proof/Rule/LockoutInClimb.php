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

    public function judge(Sizing $sizing): array
    {
        $aboveRpm = $sizing->brief->control->lockouts->aboveRpm;
        if ($aboveRpm === null || $aboveRpm > self::CLIMB_RPM) {
            return [];
        }

        return [new Finding(
            'lockout-in-climb',
            Severity::Danger,
            'The lockout holds the fan off in a slow climb',
            'It feels engine speed, not road speed. In a low gear there is no ram air at this engine speed.',
            $sizing->brief->control->stages[0]->id.'-speed-lockout',
            '/control/lockouts/aboveRpm',
            ['lockout above' => [$aboveRpm, 'rpm'], 'slow climb' => [self::CLIMB_RPM, 'rpm']],
            [new Remedy('Take the lockout out', ['/control/lockouts/aboveRpm' => null])],
        )];
    }
}
