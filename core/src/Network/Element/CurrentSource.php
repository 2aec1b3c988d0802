<?php

declare(strict_types=1);

namespace LampThread\Network\Element;

/** A fixed current out of `from`, as an alternator gives at its limit. */
final readonly class CurrentSource extends Branch
{
    /** @param  float  $ampere  current that leaves the element at `from`, A */
    public function __construct(string $name, string $from, string $to, public float $ampere)
    {
        parent::__construct($name, $from, $to);
    }

    public function isLinear(): bool
    {
        return true;
    }

    public function between(string $from, string $to): self
    {
        return new self($this->name(), $from, $to, $this->ampere);
    }

    public function times(float $factor): self
    {
        return new self($this->name(), $this->from(), $this->to(), $this->ampere * $factor);
    }

    public function companion(float $volts): array
    {
        return [0.0, -$this->ampere];
    }

    public function currentA(float $volts): float
    {
        return -$this->ampere;
    }

    public function spice(string $name, string $from, string $to): array
    {
        return [sprintf('I%s %s %s DC %.12g', $name, $to, $from, $this->ampere)];
    }
}
