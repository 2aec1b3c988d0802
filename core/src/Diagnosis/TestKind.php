<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Observation\FanLook;

/** Kinds of tests there are, what they want, and what they take (minutes: common practice, no source). */
enum TestKind: string
{
    /** What the fans do. */
    case Look = 'look';
    /** A finger on a relay. */
    case Listen = 'listen';
    /** A test lamp from a terminal to the battery’s minus. */
    case Lamp = 'lamp';
    /** Volts of a terminal against the battery’s minus. */
    case Volts = 'volts';
    /** Volts lost between the battery’s plus and a terminal. */
    case Drop = 'drop';
    /** Volts lost across one part or wire, a lead at each of its ends: at one moment, whatever comes and goes. */
    case Across = 'across';
    case Clamp = 'clamp';
    case Swap = 'swap';
    /** A fuse pulled and looked at. */
    case Pull = 'pull';
    /** A new fuse of the same rating. */
    case Renew = 'renew';
    /** A fan fed straight from the battery. */
    case Feed = 'feed';
    /** A blade turned by hand, the fuse out. */
    case Turn = 'turn';
    /** A wire followed with eyes and fingers. */
    case Along = 'along';
    /** Resistance of a coil, the relay in the hand. */
    case Coil = 'coil';
    /** A sensor warmed in water, its contact watched. */
    case Sensor = 'sensor';
    /** Fault codes of the engine computer’s fan outputs. */
    case Scan = 'scan';
    /** A warm-up watched until the fans have come on, or should have. */
    case WarmUp = 'warm-up';
    /** Something of the cooling system. */
    case Cooling = 'cooling';
    /** Something of the vehicle around it: its battery, its condenser, its driver. */
    case Vehicle = 'vehicle';

    public function tool(): Tool
    {
        return match ($this) {
            self::Look, self::Listen, self::Pull, self::Turn, self::Along, self::WarmUp, self::Cooling, self::Vehicle => Tool::Eyes,
            self::Lamp => Tool::Lamp,
            self::Volts, self::Drop, self::Across, self::Coil, self::Sensor => Tool::Meter,
            self::Clamp => Tool::Clamp,
            self::Swap => Tool::SpareRelay,
            self::Renew => Tool::SpareFuse,
            self::Feed => Tool::Wire,
            self::Scan => Tool::ScanTool,
        };
    }

    public function minutes(): float
    {
        return match ($this) {
            self::Look => 0.3,
            self::Listen, self::Pull, self::Turn => 0.5,
            self::Lamp, self::Swap => 0.6,
            self::Volts, self::Clamp => 0.8,
            self::Drop, self::Across => 1.0,
            self::Scan => 1.5,
            self::Renew => 1.5,
            self::Coil, self::Along => 2.0,
            self::Feed => 3.0,
            self::Sensor => 12.0,
            self::WarmUp => 15.0,
            self::Cooling, self::Vehicle => 0.0,
        };
    }

    /** Whether it is of something outside the circuit. */
    public function isOutside(): bool
    {
        return $this === self::Cooling || $this === self::Vehicle;
    }

    /** Whether it shows a number, and not one of a few things that are seen. */
    public function isNumber(): bool
    {
        return in_array($this, [self::Volts, self::Drop, self::Across, self::Clamp], true);
    }

    /** Whether one answer is easily taken for another: a lamp one step brighter, a fan fast for slow, or turning weakly. */
    public function isMistaken(string $one, string $other): bool
    {
        return match ($this) {
            self::Lamp => in_array('dim', [$one, $other], true),
            self::Look => str_replace(FanLook::Slow->value, FanLook::Fast->value, $one) === str_replace(FanLook::Slow->value, FanLook::Fast->value, $other),
            self::Feed => in_array($one, ['turns', 'turns-weakly'], true) && in_array($other, ['turns', 'turns-weakly'], true),
            default => false,
        };
    }

    /** Whether it shows what comes and goes also while that is away: insulation that is rubbed through stays so, and a blown fuse. */
    public function showsAlways(): bool
    {
        return $this === self::Along || $this === self::Pull;
    }

    /** What to take care of while it is done; a code of a caution. */
    public function caution(): ?string
    {
        return match ($this) {
            self::Look, self::Listen => 'blades',
            self::Feed => 'feed',
            self::Renew => 'renew',
            self::Sensor => 'hot-coolant',
            self::Along, self::Turn => 'engine-off',
            self::WarmUp => 'warm-up',
            self::Lamp => 'lamp',
            default => null,
        };
    }
}
