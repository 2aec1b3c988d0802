<?php

declare(strict_types=1);

namespace LampThread\Road;

/** One way the uncertain figures of a vehicle may really be: factors on what is told, and kelvins beside it. */
final readonly class Uncertain
{
    /**
     * @param  float  $heat  on the heat into the coolant
     * @param  float  $core  on the conductance of the core
     * @param  float  $air  on the ram air
     * @param  float  $fans  on what the fans move free
     * @param  float  $pump  on the flow of the coolant
     * @param  float  $load  on the power the road asks for
     * @param  float  $thermostatK  that the thermostat opens later
     * @param  float  $switchK  that what switches the fans acts later
     */
    public function __construct(
        public float $heat = 1.0,
        public float $core = 1.0,
        public float $air = 1.0,
        public float $fans = 1.0,
        public float $pump = 1.0,
        public float $load = 1.0,
        public float $thermostatK = 0.0,
        public float $switchK = 0.0,
    ) {}
}
