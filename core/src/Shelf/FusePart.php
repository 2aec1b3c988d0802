<?php

declare(strict_types=1);

namespace LampThread\Shelf;

/** A fuse by rating and family. */
final readonly class FusePart
{
    /**
     * @param  string  $family  blade, cartridge (slow) or bolt-down
     * @param  float  $ratedA  rated current at 25 °C, A
     * @param  float  $coldMilliohm  resistance, mΩ
     * @param  float  $price  in the workshop's own money
     * @param  FuseGates  $gates  of its family
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $family,
        public float $ratedA,
        public float $coldMilliohm,
        public float $price,
        public FuseGates $gates,
    ) {}
}
