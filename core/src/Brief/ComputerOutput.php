<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** An output of the engine computer that goes to earth. The computer has its own rule; its temperatures are told here. */
final readonly class ComputerOutput implements Decider
{
    /** What such an output usually carries, A (common practice, no source). */
    public const USUAL_RATED_A = 0.7;

    /** @param  bool  $openReadsHot  whether it runs the fan when its sensor's circuit is open */
    public function __construct(
        public string $output,
        public TemperatureBand $band,
        public float $ratedA,
        public bool $openReadsHot,
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
