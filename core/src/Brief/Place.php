<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where the temperature is felt. What each place means is common practice, no source. */
enum Place: string
{
    case EngineOutlet = 'engine-outlet';
    case RadiatorInlet = 'radiator-inlet';
    case TopHose = 'top-hose';
    case CoreInlet = 'core-inlet';
    case CoreOutlet = 'core-outlet';
    case BottomHose = 'bottom-hose';

    /** A switch in a hose adapter is held off the vehicle's earth by rubber. */
    public function isInHose(): bool
    {
        return $this === self::TopHose || $this === self::BottomHose;
    }

    /** Between the core's fins: the coolant stays shut. */
    public function isInFins(): bool
    {
        return $this === self::CoreInlet || $this === self::CoreOutlet;
    }

    /** Behind the thermostat: nothing hot gets there before it opens. */
    public function isBehindThermostat(): bool
    {
        return $this !== self::EngineOutlet;
    }

    /** How much cooler than the water entering the radiator this place reads, K; the core's usual drop is 5 to 10 K. */
    public function dropAcrossCoreK(): float
    {
        return match ($this) {
            self::CoreOutlet, self::BottomHose => 7.0,
            default => 0.0,
        };
    }
}
