<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The vehicle's battery and charging system. Volts at the battery's terminals. */
final readonly class Supply
{
    /** What a job begins with, mΩ (common practice, no source). */
    public const USUAL_BATTERY_MILLIOHM = 8.0;

    /**
     * @param  float|null  $bodyMilliohm  the way back through the body, mΩ; null takes what is usual for the battery's place
     */
    public function __construct(
        public int $systemV,
        public float $restingV,
        public float $chargingV,
        public float $crankingV,
        public float $batteryAh,
        public float $batteryMilliohm,
        public float $alternatorIdleA,
        public float $alternatorRatedA,
        public float $baseLoadA,
        public BatteryPlace $batteryPlace = BatteryPlace::Bay,
        public ?float $bodyMilliohm = null,
    ) {}

    /** From an earth stud in front through the body to battery negative, Ω. */
    public function bodyOhm(): float
    {
        return ($this->bodyMilliohm ?? $this->batteryPlace->bodyMilliohm()) / 1000;
    }

    /** From the battery to the starter, the alternator and the studs in front, Ω. */
    public function cableOhm(): float
    {
        return $this->batteryPlace->cableMilliohm() / 1000;
    }

    /** Resistance of the starter while it turns the engine, Ω: what leaves the cranking voltage at the battery. */
    public function starterOhm(): float
    {
        return $this->crankingV * ($this->batteryMilliohm / 1000) / ($this->restingV - $this->crankingV);
    }
}
