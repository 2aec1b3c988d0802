<?php

declare(strict_types=1);

namespace LampThread\Plans;

/** What plans are judged by; of every one less is better. */
enum Criterion: string
{
    /** Hottest coolant on the drives that match the complaint, °C. */
    case PeakC = 'peakC';
    /** Single faults after which no fan cools when it is hottest, and no dash switch helps. */
    case Strands = 'strands';
    /** Single faults that nobody notices. */
    case Unnoticed = 'unnoticed';
    /** Parts, in the workshop's own money. */
    case Cost = 'cost';
    case Hours = 'hours';
    /** Wires to cut, each with two crimps. */
    case Wires = 'wires';
    /** Share of the battery used up at the end of those drives. */
    case ChargeUsed = 'chargeUsed';
    /** Relays worn out in a hundred years, driven so. */
    case RelayWear = 'relayWear';
    /** All fans together, A. */
    case DrawA = 'drawA';
    /** Things of the vehicle that are cut. */
    case Cuts = 'cuts';
    /** Wishes of the kind “rather” that are not met. */
    case Missed = 'missed';
    /** Warnings that stand. */
    case Warnings = 'warnings';

    /** Differences below this are none (common practice, no source). */
    public function step(): float
    {
        return match ($this) {
            self::PeakC, self::DrawA => 1.0,
            self::Strands, self::Unnoticed => 2.0,
            self::Cost => 10.0,
            self::Hours => 0.5,
            self::Wires => 2.0,
            self::ChargeUsed => 0.05,
            self::RelayWear => 2.0,
            self::Cuts, self::Missed, self::Warnings => 1.0,
        };
    }

    /** A difference that counts for much, against which others are weighed (common practice, no source). */
    public function span(): float
    {
        return match ($this) {
            self::PeakC, self::Unnoticed => 10.0,
            self::Strands, self::DrawA => 15.0,
            self::Cost => 150.0,
            self::Hours => 5.0,
            self::Wires => 12.0,
            self::ChargeUsed => 0.3,
            self::RelayWear => 20.0,
            self::Cuts, self::Missed, self::Warnings => 2.0,
        };
    }

    /** How much it counts where nobody has said (common practice, no source). */
    public function usualWeight(): float
    {
        return match ($this) {
            self::PeakC, self::Missed => 3.0,
            self::Strands, self::Cuts, self::Warnings => 2.0,
            self::Cost, self::Hours => 1.5,
            self::Unnoticed, self::ChargeUsed => 1.0,
            self::Wires, self::RelayWear, self::DrawA => 0.5,
        };
    }
}
