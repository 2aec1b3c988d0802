<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Which cable the loom is cut from and how much of the voltage it may lose. */
final readonly class Wiring
{
    public function __construct(
        public Catalogue $catalogue,
        public float $insulationC,
        public float $dropLimitPercent,
    ) {}
}
