<?php

declare(strict_types=1);

namespace LampThread\Shelf;

/** A fixed temperature switch: it comes in a few pairs of on and off. */
final readonly class SwitchPart
{
    /**
     * @param  float  $onC  acts at, °C
     * @param  float  $offC  acts back at, °C
     * @param  float  $ratedA  what its contact carries, A
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $onC,
        public float $offC,
        public float $ratedA,
        public float $price,
    ) {}
}
