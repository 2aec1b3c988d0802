<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Brief\Assumptions;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;

/** What key and engine do: the columns behaviour is folded into. */
enum OperatingPhase: string
{
    case KeyOut = 'key-out';
    case KeyOn = 'key-on';
    case Cranking = 'cranking';
    case Idle = 'idle';
    case Fast = 'fast';

    public static function of(OperatingConditions $conditions): self
    {
        return match (true) {
            $conditions->key === Key::Off => self::KeyOut,
            $conditions->key === Key::Crank => self::Cranking,
            $conditions->engineRpm === 0.0 => self::KeyOn,
            $conditions->engineRpm <= Assumptions::IDLE_RPM => self::Idle,
            default => self::Fast,
        };
    }
}
