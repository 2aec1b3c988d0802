<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\TemperatureBand;
use LampThread\Electrics\Setting;

/** Cold or hot by a temperature band: between its two temperatures as it was. */
final class Hysteresis
{
    public const COLD = 0;

    public const HOT = 1;

    public static function of(TemperatureBand $band, Setting $setting, string $componentId): int
    {
        $feltC = $setting->feltC($componentId);

        return match (true) {
            $feltC >= $band->onC => self::HOT,
            $feltC <= $band->offC => self::COLD,
            default => min(self::HOT, $setting->memory[$componentId] ?? self::COLD),
        };
    }
}
