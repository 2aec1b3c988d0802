<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Figures taken in many places where nobody has measured them. Common practice, no source. */
final class Assumptions
{
    /** Idle of a usual engine, rpm. */
    public const IDLE_RPM = 850.0;

    /** Engine speed by road speed where neither it nor the gears are told, rpm and rpm for each km/h (common practice, no source). */
    private const CRUISING_RPM = 1300.0;

    private const RPM_PER_KMH = 12.0;

    private const STANDING_KMH = 1.0;

    /** Engine speed at which the alternator surely gives its rated output and holds its voltage, rpm. */
    public const CHARGING_RPM = 3000.0;

    /** Below this the engine is only being turned over, rpm. */
    public const ALTERNATOR_CUT_IN_RPM = 500.0;

    /** Share of a battery's charge below which starting is no longer sure. */
    public const LEAST_CHARGE_SHARE = 0.7;

    /** Off temperature of a stage that is added, and how much above it the stage comes on, K. */
    public const STAGE_STEP_K = 5.0;

    /** What is used of a battery, Ah, before starting is no longer sure. */
    public static function usableAh(float $batteryAh): float
    {
        return (1 - self::LEAST_CHARGE_SHARE) * $batteryAh;
    }

    /** Engine speed a usual vehicle has at a road speed, rpm. */
    public static function engineRpm(float $speedKmh): float
    {
        return $speedKmh < self::STANDING_KMH ? self::IDLE_RPM : self::CRUISING_RPM + self::RPM_PER_KMH * $speedKmh;
    }
}
