<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where the battery sits. What its place makes of the way to it and of the way back: common practice, no source. */
enum BatteryPlace: string
{
    case Bay = 'bay';
    case Seat = 'seat';
    case Boot = 'boot';

    /** The battery's cable to the starter, the alternator and the studs in front, mΩ. */
    public function cableMilliohm(): float
    {
        return match ($this) {
            self::Bay => 0.4,
            self::Seat => 1.2,
            self::Boot => 2.0,
        };
    }

    /** The way back through the body, from an earth stud in front to battery negative, mΩ. */
    public function bodyMilliohm(): float
    {
        return match ($this) {
            self::Bay => 2.0,
            self::Seat => 2.5,
            self::Boot => 3.0,
        };
    }

    /** Way from the battery to what is fed in the bay, m, over what it is where the battery sits there. */
    public function awayM(): float
    {
        return match ($this) {
            self::Bay => 0.0,
            self::Seat => 2.0,
            self::Boot => 4.0,
        };
    }
}
