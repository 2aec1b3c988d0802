<?php

declare(strict_types=1);

namespace LampThread\Brief;

use LampThread\Parts\Conductor;

/** One stretch of the loom as it lies in the vehicle. */
final readonly class Segment
{
    /**
     * @param  float  $lengthM  cut length, m
     * @param  float  $ambientC  hottest surroundings along the stretch, °C
     * @param  int  $bundle  wires that carry current and lie together there, itself included
     * @param  Conductor|null  $given  a wire that is there already and stays; null for one that is cut for the job
     */
    public function __construct(
        public float $lengthM,
        public Zone $zone,
        public float $ambientC,
        public int $bundle = 1,
        public ?Conductor $given = null,
    ) {}

    /** The same stretch where a wire is there already. */
    public function with(Conductor $given): self
    {
        return new self($this->lengthM, $this->zone, $this->ambientC, $this->bundle, $given);
    }
}
