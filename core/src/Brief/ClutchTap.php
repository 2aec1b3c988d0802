<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Which side of the pressure switch the wire to the compressor's clutch is tapped on. */
enum ClutchTap: string
{
    /** At the clutch: live only while the compressor works. */
    case Behind = 'behind-pressure-switch';

    /** Live as long as the air conditioning is on, also while the switch holds the compressor off. */
    case Before = 'before-pressure-switch';
}
