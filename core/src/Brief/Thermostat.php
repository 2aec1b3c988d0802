<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** An adjustable thermostat with a bulb or a probe. */
final readonly class Thermostat implements Decider
{
    public const USUAL_RATED_A = 10.0;

    public function __construct(
        public ThermostatOutput $output,
        public TemperatureBand $band,
        public float $ratedA,
    ) {}

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function ratedA(): float
    {
        return $this->ratedA;
    }
}
