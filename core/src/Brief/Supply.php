<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The vehicle's battery and charging system. Volts at the battery's terminals. */
final readonly class Supply
{
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
    ) {}

    /** Resistance of the starter while it turns the engine, Ω: what leaves the cranking voltage at the battery. */
    public function starterOhm(): float
    {
        return $this->crankingV * ($this->batteryMilliohm / 1000) / ($this->restingV - $this->crankingV);
    }
}
