<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The range an adjustable switch is set in. */
final readonly class Scale
{
    /**
     * @param  float  $leastC  lowest on temperature it can be set to, °C
     * @param  float  $mostC  highest, °C
     */
    public function __construct(public float $leastC, public float $mostC, public ClockwiseSense $clockwise) {}

    public function contains(float $onC): bool
    {
        return $onC >= $this->leastC && $onC <= $this->mostC;
    }

    /** The set point nearest to a wanted one, °C. */
    public function nearestC(float $onC): float
    {
        return max($this->leastC, min($this->mostC, $onC));
    }

    /** Share of the screw's way from its fully anticlockwise end, 0 to 1, that sets a temperature. */
    public function clockwiseShare(float $onC): float
    {
        $share = ($this->nearestC($onC) - $this->leastC) / ($this->mostC - $this->leastC);

        return $this->clockwise === ClockwiseSense::Hotter ? $share : 1 - $share;
    }
}
