<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The cooling system as far as it bears on switching and fitting a fan. */
final readonly class Cooling
{
    public function __construct(
        public float $thermostatOpensC,
        public float $ceilingC,
        public float $coolantLitres,
        public float $glycolPercent,
        public float $capKpa,
        public float $clearanceMm,
    ) {}
}
