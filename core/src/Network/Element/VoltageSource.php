<?php

declare(strict_types=1);

namespace LampThread\Network\Element;

/** A voltage behind a resistance. Its positive end is `from`. */
final readonly class VoltageSource extends Branch
{
    /** @param  float  $ohm  not 0: no source in a vehicle is without resistance; below 0 only as part of an averaged switching output */
    public function __construct(
        string $name,
        string $from,
        string $to,
        public float $volts,
        public float $ohm,
    ) {
        parent::__construct($name, $from, $to);
    }

    public function isLinear(): bool
    {
        return true;
    }

    public function between(string $from, string $to): self
    {
        return new self($this->name(), $from, $to, $this->volts, $this->ohm);
    }

    public function times(float $factor): self
    {
        return new self($this->name(), $this->from(), $this->to(), $this->volts, $this->ohm / $factor);
    }

    public function companion(float $volts): array
    {
        return [1.0 / $this->ohm, -$this->volts / $this->ohm];
    }

    public function currentA(float $volts): float
    {
        return ($volts - $this->volts) / $this->ohm;
    }

    public function spice(string $name, string $from, string $to): array
    {
        return [
            sprintf('V%s %s_inner %s DC %.12g', $name, $name, $to, $this->volts),
            sprintf('R%s %s_inner %s %.12g', $name, $name, $from, $this->ohm),
        ];
    }
}
