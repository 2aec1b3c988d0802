<?php

declare(strict_types=1);

namespace LampThread\Electrics\Element;

/** A fixed current out of `from`, as an alternator gives at its limit. */
final readonly class Injection implements Element
{
    /** @param  float  $ampere  current that leaves the element at `from`, A */
    public function __construct(private string $name, private string $from, private string $to, public float $ampere) {}

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
        return [0.0, -$this->ampere];
    }

    public function currentA(float $volts): float
    {
        return -$this->ampere;
    }
}
