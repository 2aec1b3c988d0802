<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What the air conditioning's compressor tells by its wire. */
enum Compressor: string
{
    /** A clutch that cycles: its wire is live while the compressor works. */
    case Clutch = 'clutch';

    /** Variable displacement: its "on" is permanent, so its wire says nothing about heat. */
    case Variable = 'variable';
}
