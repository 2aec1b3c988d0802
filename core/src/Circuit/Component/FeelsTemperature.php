<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\TemperatureBand;

/** A component that acts on the coolant's temperature. */
interface FeelsTemperature
{
    public function band(): TemperatureBand;
}
