<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** One stretch of wire as it lies in the vehicle. */
final readonly class Run
{
    /**
     * @param  float  $lengthM  cut length, m
     * @param  float  $ambientC  hottest surroundings along the stretch, °C
     * @param  int  $bundle  wires that carry current and lie together there, itself included
     */
    public function __construct(
        public float $lengthM,
        public Zone $zone,
        public float $ambientC,
        public int $bundle = 1,
    ) {}
}
