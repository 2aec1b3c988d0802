<?php

declare(strict_types=1);

namespace LampThread\Road;

/** How far apart on and off lie (common practice, no source). */
enum SwitchingGap: string
{
    /** 2 to 4 °F: steadier temperature, many starts. */
    case Narrow = 'narrow';
    /** About 10 °F: few starts, long runs. */
    case Wide = 'wide';

    public function kelvin(): float
    {
        return $this === self::Narrow ? 1.5 : 5.5;
    }
}
