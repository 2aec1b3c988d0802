<?php

declare(strict_types=1);

namespace LampThread\Electrics\Element;

/** A voltage behind a resistance. Its positive end is `from`. */
final readonly class Source extends Branch
{
    /** @param  float  $ohm  above 0: no source in a vehicle is without resistance */
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

    public function companion(float $volts): array
    {
        return [1.0 / $this->ohm, -$this->volts / $this->ohm];
    }

    public function currentA(float $volts): float
    {
        return ($volts - $this->volts) / $this->ohm;
    }
}
