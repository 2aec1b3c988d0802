<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** The ignition key. */
enum Key: string
{
    case Off = 'off';
    case Run = 'run';
    case Crank = 'crank';
}
