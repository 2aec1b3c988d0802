<?php

declare(strict_types=1);

namespace LampThread\Brief;

use LampThread\Parts\CableCatalogue;

/** Which cable the loom is cut from and how much of the voltage it may lose. */
final readonly class Wiring
{
    /**
     * @param  bool  $servicePlugs  whether every fan and probe comes off at a plug
     * @param  bool  $dashPlugs  whether every dash switch does, so that its panel comes out
     */
    public function __construct(
        public CableCatalogue $catalogue,
        public float $insulationC,
        public float $dropLimitPercent,
        public bool $servicePlugs = true,
        public bool $dashPlugs = false,
    ) {}
}
