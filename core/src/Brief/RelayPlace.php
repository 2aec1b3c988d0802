<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where the relays sit. What their place makes of the ways to them: common practice, no source. */
enum RelayPlace: string
{
    /** On a plate in the bay. */
    case Bay = 'bay';

    /** On the fan's own bracket: short to the fan, and as warm as the radiator. */
    case FanBracket = 'fan-bracket';

    /** Behind the dash. */
    case Cabin = 'cabin';

    /** In the bay, in a box that comes with sockets and plugs of its own. */
    case Box = 'box';

    public function zone(): Zone
    {
        return match ($this) {
            self::Bay, self::Box => Zone::Bay,
            self::FanBracket => Zone::Radiator,
            self::Cabin => Zone::Cabin,
        };
    }

    /** Whether the relays are pushed into sockets that are there, and wires into plugs, with no base and no tab of their own. */
    public function isBox(): bool
    {
        return $this === self::Box;
    }

    /**
     * How much longer a stretch is than with the relays on a plate in the bay, m; below 0 where it is shorter.
     *
     * @param  float  $awayM  how much farther the battery is than in the bay, m: the dash is on the way from there
     */
    public function longerM(Stretch $stretch, float $awayM): float
    {
        return match ($this) {
            self::Bay, self::Box => 0.0,
            self::FanBracket => match ($stretch) {
                Stretch::FuseToRelay, Stretch::FuseToCoil, Stretch::Dash => 0.9,
                Stretch::RelayToFan => -0.9,
                Stretch::Sensor => -0.6,
                default => 0.0,
            },
            self::Cabin => match ($stretch) {
                Stretch::RelayToFan, Stretch::Sensor => 1.4,
                Stretch::FuseToRelay => $awayM > 0.0 ? -0.9 : 0.9,
                Stretch::FuseToCoil, Stretch::Dash => -1.0,
                default => 0.0,
            },
        };
    }

    /** Where a stretch lies whose both ends are at the relays; null where it lies as ever. */
    public function zoneOf(Stretch $stretch): ?Zone
    {
        return in_array($stretch, [Stretch::CoilToEarth, Stretch::Stub], true) || ($this === self::Cabin && in_array($stretch, [Stretch::FuseToCoil, Stretch::Dash], true))
            ? $this->zone() : null;
    }
}
