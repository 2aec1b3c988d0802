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

    public function label(): string
    {
        return match ($this) {
            self::EngineOutlet => 'engine outlet',
            self::RadiatorInlet => 'thermostat housing, radiator side',
            self::TopHose => 'top hose adapter',
            self::CoreInlet => 'core near the inlet',
            self::CoreOutlet => 'core or tank near the outlet',
            self::BottomHose => 'bottom hose adapter',
        };
    }

    /** A switch in a hose adapter is held off the vehicle's earth by rubber. */
    public function isInHose(): bool
    {
        return $this === self::TopHose || $this === self::BottomHose;
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
