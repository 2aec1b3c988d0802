<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The named stretches of the loom, with the length and zone taken until they are measured (common practice, no source). */
enum Stretch: string
{
    case BatteryToFuse = 'battery-to-fuse';
    case FuseToRelay = 'fuse-to-relay';
    case RelayToFan = 'relay-to-fan';
    case FanToEarth = 'fan-to-earth';
    case FeedToFuse = 'feed-to-fuse';
    case FuseToCoil = 'fuse-to-coil';
    case CoilToEarth = 'coil-to-earth';
    case Sensor = 'sensor';
    case SensorEarth = 'sensor-earth';
    case Dash = 'dash';
    case DashEarth = 'dash-earth';
    case Clutch = 'clutch';
    case Stub = 'stub';

    /** Whether it differs from one fan to the next. */
    public function isPerFan(): bool
    {
        return $this === self::RelayToFan || $this === self::FanToEarth;
    }

    /** Whether a job may tell it for one group of wires apart from the others. */
    public function mayDiffer(): bool
    {
        return $this->isPerFan() || $this === self::BatteryToFuse || $this === self::FuseToRelay;
    }

    /** Its name in a job file where it is told for one group of wires alone. */
    public function in(string $group): string
    {
        return "{$this->value}@{$group}";
    }

    /** @param  float  $awayM  how much farther the battery is than in the bay, m */
    public function usual(float $awayM, RelayPlace $relays): Segment
    {
        [$lengthM, $zone] = match ($this) {
            self::BatteryToFuse => [0.15, Zone::Bay],
            self::FuseToRelay => [0.7 + $awayM, Zone::Bay],
            self::RelayToFan => [1.2, Zone::Radiator],
            self::FanToEarth => [0.6, Zone::Radiator],
            self::FeedToFuse => [0.15, Zone::Cabin],
            self::FuseToCoil => [1.5, Zone::Bay],
            self::CoilToEarth => [0.4, Zone::Bay],
            self::Sensor => [1.1, Zone::Radiator],
            self::SensorEarth => [0.4, Zone::Radiator],
            self::Dash => [1.6, Zone::Bay],
            self::DashEarth => [0.4, Zone::Cabin],
            self::Clutch => [1.0, Zone::Bay],
            self::Stub => [0.1, Zone::Bay],
        };

        $zone = $relays->zoneOf($this) ?? $zone;

        return new Segment($lengthM + $relays->longerM($this, $awayM), $zone, $zone->ambientC());
    }
}
