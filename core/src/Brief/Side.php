<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Which side of the relay's coil the trigger switches. */
enum Side: string
{
    /** Feed on 86, the trigger takes 85 to earth: sensor terminals are never live. */
    case Earth = 'earth';

    /** The trigger feeds 86, 85 is earthed: the coil is dead when off, a bare sensor terminal is live. */
    case Supply = 'supply';
}
