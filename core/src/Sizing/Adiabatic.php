<?php

declare(strict_types=1);

namespace LampThread\Sizing;

/**
 * What a short circuit may heat copper by before its insulation goes: I²t = k²S², all heat staying in the copper
 * (IEC 60949, IEC 60364-4-54): k = 226·√(ln(1 + (θf − θi)/(234.5 + θi))).
 */
final class Adiabatic
{
    /** How far above its continuous rating a road-vehicle cable's insulation may go for moments, K (thermal overload, ISO 6722-1). */
    public const OVERLOAD_K = 50.0;

    /**
     * @param  float  $fromC  copper before, °C
     * @param  float  $toC  what the insulation stands for a moment, °C; above $fromC
     * @return float A·√s/mm²
     */
    public static function k(float $fromC, float $toC): float
    {
        return 226.0 * sqrt(log(1 + ($toC - $fromC) / (234.5 + $fromC)));
    }

    /** A²s that a wire withstands. */
    public static function withstandA2s(float $areaMm2, float $fromC, float $toC): float
    {
        return $toC > $fromC ? (self::k($fromC, $toC) * $areaMm2) ** 2 : 0.0;
    }
}
