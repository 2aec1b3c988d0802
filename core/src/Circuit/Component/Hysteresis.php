<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\TemperatureBand;

/** Cold or hot by a temperature band: between its two temperatures as it was. */
final class Hysteresis
{
    public const COLD = 0;

    public const HOT = 1;

    public static function of(TemperatureBand $band, OperatingConditions $conditions, string $componentId): int
    {
        $readsC = $conditions->readsC($componentId);

        return match (true) {
            $readsC >= $band->onC => self::HOT,
            $readsC <= $band->offC => self::COLD,
            default => min(self::HOT, $conditions->memory[$componentId] ?? self::COLD),
        };
    }
}
