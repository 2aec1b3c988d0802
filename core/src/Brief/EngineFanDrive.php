<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** How the engine turns its fan. */
enum EngineFanDrive: string
{
    case Fixed = 'fixed';

    /** By a viscous coupling, which lets go cold and at speed. */
    case Viscous = 'viscous';
}
