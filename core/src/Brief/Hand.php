<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Nobody but the driver: a switch on the dash. */
final readonly class Hand implements Decider
{
    public const USUAL_RATED_A = 10.0;

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
