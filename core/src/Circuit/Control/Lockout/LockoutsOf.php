<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Lockout;

use LampThread\Brief\Control;

/** The lockouts a brief calls for. */
final class LockoutsOf
{
    /** @return list<Lockout> */
    public static function control(Control $control): array
    {
        $lockouts = [];
        if ($control->lockouts->engineSpeed !== null) {
            $lockouts[] = new EngineSpeedLockout($control->lockouts->engineSpeed);
        }
        if ($control->lockouts->cranking) {
            $lockouts[] = new CrankingLockout;
        }

        return $lockouts;
    }
}
