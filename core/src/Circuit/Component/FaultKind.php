<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** How a part or wire can fail, as it is called in files, texts and rates; what each is and does is in Circuit\Fault. */
enum FaultKind: string
{
    /** Nothing gets through it: blown, cut, pulled out, worn away. */
    case Open = 'open';
    /** Its ends are joined. */
    case Short = 'short';
    /** It stays as if it were at rest: a relay that does not pull in, a switch that stays cold. */
    case StuckOff = 'stuck-off';
    /** It stays as if it were actuated: a welded contact, a switch that stays hot. */
    case StuckOn = 'stuck-on';
    /** A crimp, a plug, a stud or a contact that has begun to fail. */
    case SlightJoint = 'slight-joint';
    /** One that has half failed. */
    case PartialJoint = 'partial-joint';
    /** A corroded crimp, a loose stud, burnt contacts. */
    case HighResistance = 'high-resistance';
    /** Rubbed through to the body. */
    case Chafed = 'chafed';
    /** Held fast. */
    case Jammed = 'jammed';
    /** It reads less than there is: scaled over, pushed off its place. */
    case Drifted = 'drifted';
    /** It reads more than there is. */
    case DriftedHigh = 'drifted-high';
    /** The coil's winding is broken. */
    case CoilOpen = 'coil-open';
    /** The coil's winding, or what suppresses it, is shorted. */
    case CoilShort = 'coil-short';
    /** A socket's contact for the coil has backed out or is spread. */
    case CoilPinOut = 'coil-pin-out';
    /** One for the contacts has. */
    case ContactPinOut = 'contact-pin-out';
    /** A contact of a plug has. */
    case PlugPinOut = 'plug-pin-out';
    /** A switch’s body has no earth. */
    case BodyUnearthed = 'body-unearthed';
    /** Worn brushes: it turns, but weakly. */
    case Worn = 'worn';
    /** The diode across the coil is fitted the wrong way round. */
    case DiodeTurned = 'diode-turned';
    /** Wires on 30 and 87 are exchanged. */
    case Exchanged30And87 = 'exchanged-30-87';
    /** Wires on 85 and 86 are exchanged. */
    case Exchanged85And86 = 'exchanged-85-86';
    /** Wires on 87 and 87a are exchanged. */
    case Exchanged87And87a = 'exchanged-87-87a';
    /** Plus and minus of a fan are exchanged. */
    case LeadsExchanged = 'leads-exchanged';
    /** Low and high are exchanged at the switch. */
    case LowAndHighExchanged = 'low-high-exchanged';
    /** The next larger fuse is put in. */
    case NextFuseUp = 'next-fuse-up';
    /** The fuse is bridged. */
    case FuseBridged = 'fuse-bridged';
    /** Water in a plug leads to earth. */
    case LeakToEarth = 'leak-to-earth';
    /** Water in a plug leads from a live wire beside it. */
    case LeakToFeed = 'leak-to-feed';
    /** The strap from the engine to the body is open. */
    case StrapOpen = 'strap-open';
    /** The battery is nearly empty. */
    case LowCharge = 'low-charge';
    /** Battery plus and minus are exchanged. */
    case PolesExchanged = 'poles-exchanged';
    /** Started by a supply of twice the voltage. */
    case DoubleVoltage = 'double-voltage';
    /** The regulator lets the voltage rise. */
    case Overcharge = 'overcharge';
    /** The battery comes off while it is charged: a peak of tenths of a second. */
    case LoadDump = 'load-dump';

    /** The coolant's thermostat lets nothing to the radiator. */
    case ThermostatShut = 'thermostat-shut';
    /** The coolant's thermostat never shuts. */
    case ThermostatOpen = 'thermostat-open';
    /** Half the core is blocked with dirt. */
    case CoreBlocked = 'core-blocked';
    /** So little coolant that air stands at the sensor and little gets to the radiator. */
    case CoolantLow = 'coolant-low';
}
