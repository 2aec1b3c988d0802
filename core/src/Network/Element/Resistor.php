<?php

declare(strict_types=1);

namespace LampThread\Network\Element;

/** A resistance: a wire, a closed contact, a coil, a fuse. */
final readonly class Resistor extends Branch
{
    private float $conductanceS;

    /** @param  float  $ohm  not 0; below 0 only in the averaged model of a switching output */
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

    public function resistanceOhm(): ?float
    {
        return $this->ohm > 0 ? $this->ohm : null;
    }

    public function between(string $from, string $to): self
    {
        return new self($this->name(), $from, $to, $this->ohm);
    }

    public function times(float $factor): self
    {
        return new self($this->name(), $this->from(), $this->to(), $this->ohm / $factor);
    }

    public function inSeriesWith(float $ohm): self
    {
        return new self($this->name(), $this->from(), $this->to(), $this->ohm + $ohm);
    }

    public function spice(string $name, string $from, string $to): array
    {
        return [sprintf('R%s %s %s %.12g', $name, $from, $to, $this->ohm)];
    }
}
