<?php

declare(strict_types=1);

namespace LampThread\Proof;

/** What tells somebody of a fault, soonest first. */
enum Notice: string
{
    /** A fan runs unasked, a relay chatters, the starter is slow: it is heard at once. */
    case Noise = 'noise';
    /** The indicator or the charge lamp shows it at once. */
    case Lamp = 'lamp';
    /** The temperature gauge, once it is hot. */
    case Gauge = 'gauge';
    case Nothing = 'nothing';
}
