<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What ran the fan before: the vehicle's own fuse, relay and wires stay, and so does what works them. */
final readonly class OriginalControl implements Decider
{
    /** Size of the fan's wire where nobody has looked, mm² (common practice, no source). */
    public const USUAL_AREA_MM2 = 2.5;

    /**
     * @param  string  $switchedBy  what earths the vehicle's relay, in the installer's words: ‘engine computer’
     * @param  TemperatureBand  $band  as it was measured before anything was touched
     * @param  float  $ratedA  what it may earth, A
     * @param  float  $areaMm2  copper of the wires it has to the fan, mm²
     */
    public function __construct(
        public string $switchedBy,
        public TemperatureBand $band,
        public float $ratedA,
        public float $areaMm2,
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
