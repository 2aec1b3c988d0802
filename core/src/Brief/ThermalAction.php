<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What a thermal switch does when it is hot. */
enum ThermalAction: string
{
    case ClosesWhenHot = 'closes-when-hot';

    /** Older designs: a broken wire runs the fan, which is the safe way to fail. */
    case OpensWhenHot = 'opens-when-hot';
}
