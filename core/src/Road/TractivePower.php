<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\RoadLoad;

/**
 * Power at the crank that a road asks for: rolling, gradient, air and what speeds the vehicle up, over the losses of the driveline
 * (standard texts on vehicle dynamics). Braking gives nothing back.
 */
final readonly class TractivePower
{
    private const GRAVITY = 9.81;

    /** Of the driveline, in the middle (common practice, no source). */
    private const EFFICIENCY = 0.9;

    /** What turns speeds up with the vehicle, as more of its mass (common practice, no source). */
    private const ROTATING_SHARE = 1.05;

    public function __construct(private RoadLoad $load, private float $airDensityKgM3) {}

    /**
     * @param  float  $speedMs  m/s
     * @param  float  $accelerationMs2  m/s²
     * @param  float  $gradientPercent  rise over run, %; below 0 downhill
     * @param  float  $trailerKg  drawn behind
     * @return float W, 0 where the road drives the vehicle
     */
    public function powerW(float $speedMs, float $accelerationMs2, float $gradientPercent, float $trailerKg): float
    {
        $massKg = $this->load->massKg + $trailerKg;
        $rise = $gradientPercent / 100;
        $along = 1 / sqrt(1 + $rise ** 2);
        $forceN = $massKg * self::GRAVITY * $along * ($this->load->rollingCoefficient + $rise)
            + 0.5 * $this->airDensityKgM3 * $this->load->dragCoefficient * $this->load->frontalM2 * $speedMs ** 2
            + self::ROTATING_SHARE * $massKg * $accelerationMs2;

        return max(0.0, $forceN * $speedMs / self::EFFICIENCY);
    }
}
