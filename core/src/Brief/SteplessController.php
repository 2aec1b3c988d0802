<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** A controller that gives the fan as much as the temperature asks for, from a least duty to all of it. */
final readonly class SteplessController implements Decider
{
    /** What the usual one gives, A (common practice, no source). */
    public const USUAL_RATED_A = 40.0;

    /** Time the usual one takes from standstill to what it is asked for, s (common practice, no source). */
    public const USUAL_SOFT_START_S = 3.0;

    /**
     * @param  TemperatureBand  $band  starts at the least duty at onC, stops at offC
     * @param  float  $spanK  from onC to full duty, K
     * @param  float  $leastDutyPercent  what it starts with, %
     * @param  float  $softStartS  from nothing to what is asked for, s; 0 for one that switches on at once
     * @param  float  $ratedA  what it may give the fan, A
     */
    public function __construct(
        public TemperatureBand $band,
        public float $spanK,
        public float $leastDutyPercent,
        public float $softStartS,
        public float $ratedA,
    ) {}

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function ratedA(): float
    {
        return $this->ratedA;
    }

    /** Duty at a temperature while it runs, % of the supply's voltage. */
    public function dutyPercent(float $tempC): float
    {
        $share = max(0.0, min(1.0, ($tempC - $this->band->onC) / $this->spanK));

        return $this->leastDutyPercent + $share * (100.0 - $this->leastDutyPercent);
    }
}
