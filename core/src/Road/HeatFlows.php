<?php

declare(strict_types=1);

namespace LampThread\Road;

/**
 * What moves heat for a moment, while nothing switches.
 *
 * @internal
 */
final readonly class HeatFlows
{
    /**
     * @param  float  $heatW  of the engine into its metal
     * @param  float  $exhaustW  of its exhaust into the bay
     * @param  float  $crossWPerK  from metal to coolant
     * @param  float  $flowWPerK  heat capacity flow of the coolant through the radiator
     * @param  float  $takesWPerK  what the core takes for each kelvin of the coolant above its air
     * @param  float  $airC  that air, °C
     * @param  float  $airWPerK  heat capacity flow of the air, and the part of it that comes out of the bay
     * @param  float  $condenserW  heat the condenser gives to the air
     * @param  float  $bayWPerK  from the engine to the bay
     */
    public function __construct(
        public float $heatW,
        public float $exhaustW,
        public float $crossWPerK,
        public float $flowWPerK,
        public float $takesWPerK,
        public float $airC,
        public float $airWPerK,
        public float $fromBayWPerK,
        public float $condenserW,
        public float $bayWPerK,
        public float $ambientC,
    ) {}
}
