<?php

declare(strict_types=1);

namespace LampThread\Circuit;

/** What a component is drawn as between two of its terminals. */
enum Symbol: string
{
    case Fuse = 'fuse';
    case Coil = 'coil';
    case MakeContact = 'make-contact';
    case ThermalMake = 'thermal-make';
    case HandMake = 'hand-make';
    case KeySwitch = 'key-switch';
    case Motor = 'motor';
    case BodyThread = 'body-thread';
    case EarthPoint = 'earth-point';
}
