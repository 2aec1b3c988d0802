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
}
