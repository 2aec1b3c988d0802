<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where the temperature is felt. What each place means is common practice, no source. */
enum Place: string
{
    case EngineOutlet = 'engine-outlet';

    /** A housing with two ports on the engine's side of the thermostat: one for each stage, so that the stages stay independent. */
    case TwoPortHousing = 'two-port-housing';
    case RadiatorInlet = 'radiator-inlet';
    case TopHose = 'top-hose';
    case CoreInlet = 'core-inlet';
    case CoreOutlet = 'core-outlet';
    case BottomHose = 'bottom-hose';

    /** Clamped to a pipe or the frame: slow, and cooler than what flows inside. */
    case Surface = 'surface';

    /** Air under the bonnet, which follows the coolant late and the weather too. */
    case BayAir = 'bay-air';

    /** A switch in a hose adapter is held off the vehicle's earth by rubber. */
    public function isInHose(): bool
    {
        return $this === self::TopHose || $this === self::BottomHose;
    }

    /** Between the core's fins. */
    public function isInFins(): bool
    {
        return $this === self::CoreInlet || $this === self::CoreOutlet;
    }

    /** Between the fins where the coolant enters. */
    public function isNearInlet(): bool
    {
        return $this === self::CoreInlet;
    }

    /** Whether the coolant stays shut when it is fitted. */
    public function isDry(): bool
    {
        return $this->isInFins() || $this === self::Surface || $this === self::BayAir;
    }

    /** Behind the thermostat: nothing hot gets there before it opens. */
    public function isBehindThermostat(): bool
    {
        return ! in_array($this, [self::EngineOutlet, self::TwoPortHousing, self::BayAir], true);
    }

    /** How much cooler than the water entering the radiator this place reads, K; the core's usual drop is 5 to 10 K. */
    public function dropAcrossCoreK(): float
    {
        return match ($this) {
            self::CoreOutlet, self::BottomHose => 7.0,
            self::Surface => 5.0,
            self::BayAir => 25.0,
            self::EngineOutlet, self::TwoPortHousing, self::RadiatorInlet, self::TopHose, self::CoreInlet => 0.0,
        };
    }
}
