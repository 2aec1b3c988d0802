<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What turning a setting screw clockwise does: makers differ, and many a fan has been set the wrong way round. */
enum ClockwiseSense: string
{
    case Hotter = 'hotter';
    case Cooler = 'cooler';
}
