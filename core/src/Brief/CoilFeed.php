<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where the coil circuit takes its feed, by DIN 72552 terminal. */
enum CoilFeed: string
{
    case Ignition = 'ignition';
    case Accessory = 'accessory';
    case Battery = 'battery';

    /** DIN 72552 number of the vehicle circuit that is tapped. */
    public function terminal(): string
    {
        return match ($this) {
            self::Ignition => '15',
            self::Accessory => '75',
            self::Battery => '30',
        };
    }
}
