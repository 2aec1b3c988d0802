<?php

declare(strict_types=1);

namespace LampThread\Proof;

/** Whether a fan is wanted in a state, and by what. */
enum Want: string
{
    case Temperature = 'temperature';
    case Hand = 'hand';
    case AirConditioning = 'air conditioning';
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
        $strength = static fn (self $want): int => match (true) {
            $want->runs() => 3,
            $want === self::Either => 2,
            $want === self::HeldOff => 1,
            default => 0,
        };

        return $strength($other) > $strength($this) ? $other : $this;
    }
}
