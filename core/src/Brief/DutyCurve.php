<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** How much of the supply's voltage a stepless controller gives the fan: a least duty as it starts, all of it some kelvins above. */
final readonly class DutyCurve
{
    /**
     * @param  float  $spanK  from the on temperature to full duty, K, above 0
     * @param  float  $leastPercent  what it starts with, %
     */
    public function __construct(public float $spanK, public float $leastPercent) {}

    /** Duty while it runs, % of the supply's voltage. */
    public function percentAt(float $aboveOnK): float
    {
        $share = max(0.0, min(1.0, $aboveOnK / $this->spanK));

        return $this->leastPercent + $share * (100.0 - $this->leastPercent);
    }
}
