<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** A pressure switch of the air conditioning: decides a condenser fan on its own. */
final readonly class PressureDecider implements Decider
{
    /** What the usual one carries, A (common practice, no source). */
    public const USUAL_RATED_A = 3.0;

    public function __construct(public float $ratedA) {}

    public function band(): null
    {
        return null;
    }

    public function ratedA(): float
    {
        return $this->ratedA;
    }
}
