<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Parts\TerminalShape;

/** What a wire ends at. Which sizes each takes, and how many ends, is common practice, no source. */
enum Termination
{
    case Tab48;
    case Tab63;
    case Tab95;
    case Stud;
    /** A holder's own leads, joined by a crimped splice. */
    case HolderLead;
    /** A splice of the loom itself. */
    case Splice;
    /** A fan's own leads, behind a sealed plug; thicker wire is spliced to them. */
    case FanLead;
    /** A sealed plug of thin wires. */
    case SealedPlug;
    /** A plug of a relay box, its contacts by the box's maker. */
    case BoxPlug;
    case Clamp;
    /** A wire of the vehicle, tapped. */
    case VehicleWire;

    /** What is crimped on for it. */
    public function shape(): TerminalShape
    {
        return match ($this) {
            self::Tab48 => TerminalShape::Blade48,
            self::Tab63 => TerminalShape::Blade63,
            self::Tab95 => TerminalShape::Blade95,
            self::Stud => TerminalShape::Ring,
            self::HolderLead => TerminalShape::HolderLead,
            self::Splice => TerminalShape::Splice,
            self::FanLead => TerminalShape::FanPlug,
            self::SealedPlug => TerminalShape::SealedPlug,
            self::BoxPlug => TerminalShape::BoxPlug,
            self::Clamp => TerminalShape::Ferrule,
            self::VehicleWire => TerminalShape::Tap,
        };
    }

    public function leastMm2(): float
    {
        return $this === self::Tab95 ? 4.0 : 0.0;
    }

    public function mostMm2(): float
    {
        return match ($this) {
            self::SealedPlug => 1.5,
            self::Tab48, self::VehicleWire => 2.5,
            self::Tab63, self::Clamp, self::BoxPlug => 6.0,
            self::Tab95, self::HolderLead, self::FanLead => 16.0,
            self::Splice => 35.0,
            self::Stud => 60.0,
        };
    }

    /** How many ends meet there; more are joined by a splice before it. */
    public function mostEnds(): int
    {
        return match ($this) {
            self::Stud, self::HolderLead, self::VehicleWire => 4,
            self::Splice => PHP_INT_MAX,
            self::Clamp => 2,
            self::Tab48, self::Tab63, self::Tab95, self::FanLead, self::SealedPlug, self::BoxPlug => 1,
        };
    }

    /** Whether two equal thin wires may share one crimp on it. */
    public function sharesCrimp(): bool
    {
        return $this === self::Tab48 || $this === self::Tab63 || $this === self::Tab95;
    }

    /** Whether whatever ends there is one joint, bought once. */
    public function isOneJoint(): bool
    {
        return $this === self::HolderLead || $this === self::VehicleWire || $this === self::Splice;
    }
}
