<?php

declare(strict_types=1);

namespace LampThread\Road;

/** What held when the coolant was hottest. */
final readonly class Peak
{
    /**
     * @param  array<int, bool>  $hot  by stage
     * @param  float  $airMs  speed of the air through the whole face of the core, m/s
     * @param  float  $coolantWPerK  heat capacity flow of the coolant, W/K
     */
    public function __construct(
        public FanState $fans,
        public array $hot,
        public float $airMs,
        public float $coolantWPerK,
        public float $engineRpm,
        public bool $keyOn,
        public float $ambientC,
    ) {}
}
