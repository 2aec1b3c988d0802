<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What turns engine speed into road speed. */
final readonly class Driveline
{
    /**
     * @param  float  $axleRatio  turns of the gearbox's output for one of the wheel
     * @param  non-empty-list<float>  $gearRatios  low gear first; 1 is direct
     * @param  float  $tyreM  rolling diameter of the driven tyre, m
     */
    public function __construct(
        public float $axleRatio,
        public array $gearRatios,
        public float $tyreM,
    ) {}

    /** Road speed at an engine speed, km/h: rpm/(axle × gear)·π·tyre diameter·60/1000 (geometry). */
    public function roadKmh(float $engineRpm, float $gearRatio): float
    {
        return $engineRpm / ($this->axleRatio * $gearRatio) * M_PI * $this->tyreM * 60 / 1000;
    }
}
