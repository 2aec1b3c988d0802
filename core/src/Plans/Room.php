<?php

declare(strict_types=1);

namespace LampThread\Plans;

use LampThread\Brief\Brief;
use LampThread\Brief\Fan;

/** Whether the fans of a plan find room side by side on the core, where it is measured. */
final class Room
{
    /** Rims may stand over the core's edge by so much, over its width (common practice, no source). */
    private const OVER_SHARE = 1.05;

    public static function isThere(Brief $brief): bool
    {
        $fit = $brief->fit;
        $abreastMm = array_sum(array_map(static fn (Fan $fan): float => $fan->diameterMm, $brief->fans));
        $longestMm = max($fit->coreWidthMm ?? 0.0, $fit->coreHeightMm ?? 0.0);

        return $longestMm <= 0.0 || count($brief->fans) < 2 || $abreastMm <= self::OVER_SHARE * $longestMm;
    }
}
