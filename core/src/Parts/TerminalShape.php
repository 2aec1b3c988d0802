<?php

declare(strict_types=1);

namespace LampThread\Parts;

/** What a crimp terminal is for. */
enum TerminalShape: string
{
    case Blade48 = 'blade-4.8';
    case Blade63 = 'blade';
    case Blade95 = 'blade-9.5';
    case Ring = 'ring';
    case HolderLead = 'holder-lead';
    case Splice = 'splice';
    case FanPlug = 'fan-plug';
    case SealedPlug = 'plug';
    case BoxPlug = 'box-plug';
    case Ferrule = 'ferrule';
    case Tap = 'tap';
}
