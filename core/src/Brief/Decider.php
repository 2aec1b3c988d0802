<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What decides that a stage runs. */
interface Decider
{
    /** The temperatures it acts on; null for a hand. */
    public function band(): ?TemperatureBand;

    /** What its contact or output may carry, A; null where nothing of the coil goes through it. */
    public function ratedA(): ?float;
}
