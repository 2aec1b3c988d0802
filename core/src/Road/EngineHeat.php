<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Heat;

/**
 * What becomes of an engine's fuel. It makes the power at the crank and what the engine needs to turn itself over, at one indicated
 * efficiency; of what is not power at the crank a share goes into the coolant, a little into the bay, the rest out of the exhaust. At little
 * load the exhaust is cool and the coolant's share larger. So no more heat comes out than fuel goes in.
 */
final readonly class EngineHeat
{
    /** Indicated efficiency (standard texts on engines: 0.36 to 0.40 for one with spark ignition). */
    private const INDICATED = 0.38;

    /** Friction and pumping as a mean pressure of 1.7 bar, for an engine that gives 40 kW a litre: share of rated power for each 1000 rpm. */
    private const FRICTION_SHARE_PER_1000 = 0.035;

    /** Speed at which the rated power is given, rpm (common practice, no source). */
    private const RATED_RPM = 5000.0;

    /** What the exhaust manifold and the turbo give to the bay, share of the fuel (common practice, no source). */
    private const BAY_SHARE = 0.02;

    /** Pump, alternator and the like, W (common practice, no source). */
    private const ACCESSORIES_W = 700.0;

    /** The coolant's share without load over that at rated power, and the most it can be of what is not power (common practice, no source). */
    private const UNLOADED_SHARE = 1.2;

    private const MOST_SHARE = 0.8;

    /** Fuel for a watt-hour at the battery: an alternator of 0.55, and petrol of 8900 Wh/l (common practice, no source). */
    public const LITRES_PER_ELECTRIC_WH = 1 / 0.55 / self::INDICATED / 8900.0;

    public float $ratedW;

    private float $coolantShare;

    public function __construct(Heat $heat)
    {
        $this->ratedW = 1000 * $heat->ratedKw;
        $this->coolantShare = min(self::MOST_SHARE, $heat->heatShare * $this->ratedW / ($this->fuelW(self::RATED_RPM, $this->ratedW) - $this->ratedW));
    }

    /** @param  float  $powerW  at the crank */
    public function fuelW(float $engineRpm, float $powerW): float
    {
        return $engineRpm <= 0 ? 0.0 : ($powerW + self::ACCESSORIES_W + self::FRICTION_SHARE_PER_1000 * $engineRpm / 1000 * $this->ratedW) / self::INDICATED;
    }

    /** Heat into the coolant by way of the metal, W. */
    public function coolantW(float $engineRpm, float $powerW): float
    {
        $unloaded = max(0.0, 1 - $powerW / $this->ratedW);
        $share = min(self::MOST_SHARE, $this->coolantShare * (1 + (self::UNLOADED_SHARE - 1) * $unloaded));

        return $share * max(0.0, $this->fuelW($engineRpm, $powerW) - $powerW);
    }

    /** Heat the hot exhaust gives to the bay, W. */
    public function bayW(float $engineRpm, float $powerW): float
    {
        return self::BAY_SHARE * $this->fuelW($engineRpm, $powerW);
    }
}
