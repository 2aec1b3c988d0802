<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What is put somewhere on the plan of a vehicle. */
enum PlanPlace: string
{
    case Battery = 'battery';
    case Relays = 'relays';
    case Fan = 'fan';
    case Sensor = 'sensor';
    case Dash = 'dash';

    /** Where the coils' feed is tapped. */
    case Tap = 'tap';
    case Earth = 'earth';
    case Compressor = 'compressor';
}
