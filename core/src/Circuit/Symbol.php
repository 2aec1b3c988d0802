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
    case RestContact = 'rest-contact';
    case DelayMake = 'delay-make';
    case PressureMake = 'pressure-make';
    case Lockout = 'lockout';
    case Module = 'module';
    case Diode = 'diode';
    case Resistor = 'resistor';
    case Lamp = 'lamp';
    case BodyThread = 'body-thread';
    case EarthPoint = 'earth-point';
}
