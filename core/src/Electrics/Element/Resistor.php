<?php

declare(strict_types=1);

namespace LampThread\Electrics\Element;

/** A resistance: a wire, a closed contact, a coil, a fuse. */
final readonly class Resistor extends Branch
{
    private float $conductanceS;

    /** @param  float  $ohm  above 0 */
    public function __construct(string $name, string $from, string $to, public float $ohm)
    {
        parent::__construct($name, $from, $to);
        $this->conductanceS = 1.0 / $ohm;
    }

    public function isLinear(): bool
    {
        return true;
    }

    public function companion(float $volts): array
    {
        return [$this->conductanceS, 0.0];
    }

    public function currentA(float $volts): float
    {
        return $volts * $this->conductanceS;
    }
}
