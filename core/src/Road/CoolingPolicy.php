<?php

declare(strict_types=1);

namespace LampThread\Road;

/** How cool an engine is kept; practitioners disagree (common practice, no source). */
enum CoolingPolicy: string
{
    /** The fan comes in as soon as it can help. */
    case Cool = 'cool';
    /** As the maker has it: warmer, fewer starts, as emissions and economy want it. */
    case Maker = 'maker';

    /** First on temperature above the thermostat's opening, K: 82 to 85 °C and 96 to 99 °C with a thermostat of 82 °C. */
    public function onAboveK(): float
    {
        return $this === self::Cool ? 3.0 : 14.0;
    }
}
