<?php

declare(strict_types=1);

namespace LampThread\Circuit;

/** Wire colours by purpose, in the letters of IEC 60757. Which purpose takes which colour is common practice, no source. */
enum Colour: string
{
    case BatteryFeed = 'RD';
    case FanFeed = 'RD-WH';
    case CoilFeed = 'BK';
    case Trigger = 'GN';
    case Override = 'VT';
    case Earth = 'BN';
}
