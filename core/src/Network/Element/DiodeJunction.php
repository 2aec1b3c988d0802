<?php

declare(strict_types=1);

namespace LampThread\Network\Element;

/**
 * A silicon diode by the Shockley equation, continued in a straight line above one volt so that Newton's method never overflows.
 * Its anode is `from`. Figures of a usual 1 A rectifier (common practice, no source).
 */
final readonly class DiodeJunction extends Branch
{
    public const SATURATION_A = 7.02767e-9;

    public const EMISSION = 1.80803;

    /** kT/q at 27 °C, V. */
    private const THERMAL_V = 0.025864926;

    private const STRAIGHT_ABOVE_V = 1.0;

    public function isLinear(): bool
    {
        return false;
    }

    public function between(string $from, string $to): self
    {
        return new self($this->name(), $from, $to);
    }

    /** A junction is as it is: so many of them change what it drops by some hundredths of a volt. */
    public function times(float $factor): self
    {
        return $this;
    }

    public function companion(float $volts): array
    {
        $bentV = min($volts, self::STRAIGHT_ABOVE_V);
        $slopeS = self::SATURATION_A / (self::EMISSION * self::THERMAL_V) * exp($bentV / (self::EMISSION * self::THERMAL_V));

        return [$slopeS, $this->bentA($bentV) - $slopeS * $bentV];
    }

    public function currentA(float $volts): float
    {
        [$slopeS, $offsetA] = $this->companion($volts);

        return $slopeS * $volts + $offsetA;
    }

    private function bentA(float $volts): float
    {
        return self::SATURATION_A * (exp($volts / (self::EMISSION * self::THERMAL_V)) - 1.0);
    }

    public function spice(string $name, string $from, string $to): array
    {
        return [
            sprintf('D%s %s %s rectifier_%s', $name, $from, $to, $name),
            sprintf('.model rectifier_%s D(IS=%.9g N=%.9g)', $name, self::SATURATION_A, self::EMISSION),
        ];
    }
}
