<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

/** What goes wrong with vehicles, as a workshop meets it (common practice, no source): wider than what the program lists. */
enum DefectKind: string
{
    /** Broken, burnt through, off its terminal, or blown. */
    case Open = 'open';
    /** A crimp, a contact or a stud with ohms of its own. */
    case Joint = 'joint';
    /** Insulation rubbed through on the body. */
    case Rubbed = 'rubbed';
    /** A contact that is always closed. */
    case Welded = 'welded';
    /** A contact that never closes. */
    case Dead = 'dead';
    case CoilOpen = 'coil-open';
    /** A contact of the socket that has backed out, at the coil or at 30. */
    case CoilPinOut = 'coil-pin-out';
    case ContactPinOut = 'contact-pin-out';
    /** Held by rust or a stone. */
    case HeldFast = 'held-fast';
    /** Worn brushes. */
    case Weak = 'weak';
    case ShortCircuit = 'short-circuit';
    case LeadsExchanged = 'leads-exchanged';
    case ActsLate = 'acts-late';
    case ActsEarly = 'acts-early';
    /** A battery that is nearly flat. */
    case Flat = 'flat';

    /** Whether it may be there at one test and away at the next. */
    public function canComeAndGo(): bool
    {
        return in_array($this, [self::Open, self::Joint, self::Rubbed, self::Welded, self::Dead, self::CoilOpen, self::CoilPinOut, self::ContactPinOut], true);
    }
}
