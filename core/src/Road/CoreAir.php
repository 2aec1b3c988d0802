<?php

declare(strict_types=1);

namespace LampThread\Road;

/** Air through the core at one moment, and what it takes. */
final readonly class CoreAir
{
    /**
     * @param  float  $takesWPerK  heat it takes from the coolant for each kelvin that comes in above it, W/K
     * @param  float  $airC  as it meets the core, condenser and bay having warmed it, °C
     * @param  float  $airMs  speed through the whole face, m/s
     * @param  float  $airWPerK  its heat capacity flow, W/K
     * @param  float|null  $compressorShare  of the time the compressor works: without air its pressure switch stops it, 0 to 1; null where it is not asked for
     * @param  float  $condenserW  heat the condenser gives to it
     * @param  float  $fromBayWPerK  part of its heat capacity flow that comes out of the bay, W/K
     */
    public function __construct(
        public float $takesWPerK,
        public float $airC,
        public float $airMs,
        public float $airWPerK,
        public ?float $compressorShare,
        public float $condenserW,
        public float $fromBayWPerK,
    ) {}
}
