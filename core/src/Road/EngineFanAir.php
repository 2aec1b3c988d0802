<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\EngineFan;
use LampThread\Brief\EngineFanDrive;

/**
 * What a fan the engine drives moves and takes, by the fan laws: air with speed and the cube of its diameter, power with the cube of the
 * speed and the fifth power of the diameter. The figures it starts from: common practice, no source.
 */
final readonly class EngineFanAir
{
    /** A usual one of this size at this speed moves so much air free and takes so much power. */
    private const TOLD_MM = 430.0;

    private const TOLD_RPM = 2000.0;

    private const TOLD_M3H = 2500.0;

    private const TOLD_W = 450.0;

    /** Turns of a viscous fan for one of its pulley, let go and taking hold, and the most it turns. */
    private const FREE_SHARE = 0.3;

    private const HELD_SHARE = 0.85;

    private const MOST_RPM = 2600.0;

    /** Coolant at which its coupling, felt by the air behind the core, begins to take hold and holds fully, °C. */
    private const HOLDS_FROM_C = 85.0;

    private const HOLDS_AT_C = 95.0;

    public function __construct(private EngineFan $fan) {}

    /** Speed it turns at, rpm. */
    public function rpm(float $engineRpm, float $coolantC): float
    {
        if ($this->fan->drive === EngineFanDrive::Fixed) {
            return $engineRpm;
        }
        $hold = max(0.0, min(1.0, ($coolantC - self::HOLDS_FROM_C) / (self::HOLDS_AT_C - self::HOLDS_FROM_C)));

        return min(self::MOST_RPM, $engineRpm * (self::FREE_SHARE + $hold * (self::HELD_SHARE - self::FREE_SHARE)));
    }

    /** Air it moves free, m³/h. */
    public function airM3h(float $engineRpm, float $coolantC): float
    {
        return $this->toldM3h() * $this->rpm($engineRpm, $coolantC) / self::TOLD_RPM;
    }

    /** Power it takes from the engine, W. */
    public function powerW(float $engineRpm, float $coolantC): float
    {
        return self::TOLD_W * ($this->rpm($engineRpm, $coolantC) / self::TOLD_RPM) ** 3 * ($this->fan->diameterMm / self::TOLD_MM) ** 5;
    }

    public function atWork(float $engineRpm, float $coolantC, float $faceM2): EngineFanAtWork
    {
        $freeM3s = $this->toldM3h() / 3600;
        $shutPa = FanCurve::shutPa($freeM3s, $this->fan->diameterMm);

        return new EngineFanAtWork(
            $shutPa * ($this->rpm($engineRpm, $coolantC) / self::TOLD_RPM) ** 2, $shutPa * ($faceM2 / $freeM3s) ** 2, $this->powerW($engineRpm, $coolantC),
        );
    }

    private function toldM3h(): float
    {
        return self::TOLD_M3H * ($this->fan->diameterMm / self::TOLD_MM) ** 3;
    }
}
