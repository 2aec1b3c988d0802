<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What decides that a stage runs. */
interface Decider
{
    /** The temperatures it acts on; null where no temperature decides. */
    public function band(): ?TemperatureBand;

    /** The scale its on temperature is set on; null where it has none, or nobody has told it. */
    public function scale(): ?Scale;

    /** Whether its temperatures come as a pair that cannot be set. */
    public function isFixedPair(): bool;

    /** The least it can hold between on and off, K. */
    public function leastGapK(): float;

    /** Where it can be told that the air conditioning asks; null where it cannot. */
    public function requestInput(): ?RequestInput;

    /** Whether there is air conditioning in the vehicle where this decides. */
    public function needsCompressor(): bool;

    /** Whether it runs the fan when its sensor's circuit is open. */
    public function takesOpenSensorAsHot(): bool;
}
