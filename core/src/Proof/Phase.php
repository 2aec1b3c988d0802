<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;

/** What key and engine do: the columns behaviour is folded into. */
enum Phase: string
{
    case KeyOut = 'key out';
    case KeyOn = 'key on, engine stands';
    case Cranking = 'cranking';
    case Idle = 'idle';
    case Fast = 'fast';

    public static function of(Setting $setting): self
    {
        return match (true) {
            $setting->key === Key::Off => self::KeyOut,
            $setting->key === Key::Crank => self::Cranking,
            $setting->engineRpm === 0.0 => self::KeyOn,
            $setting->engineRpm <= Setting::IDLE_RPM => self::Idle,
            default => self::Fast,
        };
    }
}
