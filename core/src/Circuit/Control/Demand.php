<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

/** Whether a fan is wanted in a state, and by what. */
enum Demand: string
{
    case Temperature = 'temperature';
    case Hand = 'hand';
    case AirConditioning = 'air conditioning';
    /** Oil, gearbox or whatever else wants air. */
    case Other = 'other';
    case Override = 'override';
    case AfterRun = 'after-run';
    /** Nothing asks for it. */
    case Rest = 'rest';
    /** Its driver has stopped it, or the starter turns, or the engine is past its lockout. */
    case HeldOff = 'held off';
    /** The brief leaves it open. */
    case Either = 'either';

    public function runs(): bool
    {
        return ! in_array($this, [self::Rest, self::HeldOff, self::Either], true);
    }

    public function rests(): bool
    {
        return $this === self::Rest || $this === self::HeldOff;
    }

    /** What two stages want of one fan: one that runs it is enough, and what is left open is open. */
    public function or(self $other): self
    {
        return $other->strength() > $this->strength() ? $other : $this;
    }

    private function strength(): int
    {
        return match ($this) {
            self::Temperature, self::Hand, self::AirConditioning, self::Other, self::Override, self::AfterRun => 3,
            self::Either => 2,
            self::HeldOff => 1,
            self::Rest => 0,
        };
    }
}
