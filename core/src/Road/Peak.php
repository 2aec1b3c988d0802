<?php

declare(strict_types=1);

namespace LampThread\Road;

/** What held when the coolant was hottest. */
final readonly class Peak
{
    /**
     * @param  array<int, bool>  $hot  by stage
     * @param  float  $coolantWPerK  heat capacity flow of the coolant, W/K
     * @param  float  $opening  of the thermostat, 0 to 1
     */
    public function __construct(
        public FanState $fans,
        public array $hot,
        public CoreAir $air,
        public float $coolantWPerK,
        public float $opening,
        public float $engineRpm,
        public bool $keyOn,
        public float $ambientC,
    ) {}
}
