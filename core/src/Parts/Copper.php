<?php

declare(strict_types=1);

namespace LampThread\Parts;

/** Annealed copper by IEC 60028. */
final class Copper
{
    /** Resistivity at 20 °C, Ω·mm²/m. */
    public const RESISTIVITY_OHM_MM2_PER_M = 1 / 58;

    /** Temperature coefficient of resistance at 20 °C, 1/K. */
    public const ALPHA_PER_K = 0.00393;

    /**
     * Factor on a resistance known at one temperature: R(T) = R·(1 + α(T − T0)).
     *
     * @param  float  $tempC  conductor temperature, °C
     * @param  float  $knownAtC  temperature the resistance is known at, °C
     */
    public static function factor(float $tempC, float $knownAtC = 20.0): float
    {
        return 1.0 + self::ALPHA_PER_K * ($tempC - $knownAtC);
    }
}
