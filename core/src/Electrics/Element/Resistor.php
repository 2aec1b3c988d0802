<?php

declare(strict_types=1);

namespace LampThread\Electrics\Element;

/** A resistance: a wire, a closed contact, a coil, a fuse. */
final readonly class Resistor implements Element
{
    private float $conductanceS;

    /** @param  float  $ohm  above 0 */
    public function __construct(private string $name, private string $from, private string $to, public float $ohm)
    {
        $this->conductanceS = 1.0 / $ohm;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function from(): string
    {
        return $this->from;
    }

    public function to(): string
    {
        return $this->to;
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
