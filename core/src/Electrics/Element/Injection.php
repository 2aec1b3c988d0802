<?php

declare(strict_types=1);

namespace LampThread\Electrics\Element;

/** A fixed current out of `from`, as an alternator gives at its limit. */
final readonly class Injection extends Branch
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

    public function companion(float $volts): array
    {
        return [0.0, -$this->ampere];
    }

    public function currentA(float $volts): float
    {
        return -$this->ampere;
    }
}
