<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where a temperature is felt, and at which it turns on and off; between the two things stay as they were. */
final readonly class TemperatureBand
{
    /**
     * @param  float  $onC  °C
     * @param  float  $offC  °C, below onC
     * @param  bool  $coolantStands  whether no coolant moves past the place, as in a dead branch
     */
    public function __construct(
        public float $onC,
        public float $offC,
        public Place $place,
        public bool $coolantStands = false,
    ) {}
}
