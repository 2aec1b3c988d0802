<?php

declare(strict_types=1);

namespace LampThread\Road;

/** Dry air as it is at a place. */
final readonly class Air
{
    /** Specific gas constant, J/(kg·K), and specific heat, J/(kg·K), of dry air (standard heat-transfer texts). */
    private const GAS_CONSTANT = 287.05;

    private const SPECIFIC_HEAT = 1006.0;

    /** Pressure at sea level, Pa, and its fall with altitude (International Standard Atmosphere, ISO 2533). */
    private const SEA_LEVEL_PA = 101_325.0;

    private const FALL_PER_M = 2.25577e-5;

    private const EXPONENT = 5.25588;

    private const KELVIN = 273.15;

    /**
     * @param  float  $altitudeM  −400 to 11 000 m
     * @return float Pa
     */
    public static function pressurePa(float $altitudeM): float
    {
        return self::SEA_LEVEL_PA * (1 - self::FALL_PER_M * $altitudeM) ** self::EXPONENT;
    }

    /** @return float kg/m³ */
    public static function densityKgM3(float $tempC, float $altitudeM): float
    {
        return self::pressurePa($altitudeM) / (self::GAS_CONSTANT * ($tempC + self::KELVIN));
    }

    /** Heat a cubic metre takes for each kelvin, J/(m³·K). */
    public static function heatJPerM3K(float $tempC, float $altitudeM): float
    {
        return self::densityKgM3($tempC, $altitudeM) * self::SPECIFIC_HEAT;
    }
}
