<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Side;

/** How an adjustable thermostat switches. */
enum ThermostatOutput: string
{
    /** Capillary bulb working a contact; needs no supply. */
    case Capillary = 'capillary';
    /** Electronic, with a relay contact of its own. */
    case DryContact = 'dry-contact';
    /** Electronic, its output goes to earth when hot. */
    case ToEarth = 'to-earth';
    /** Electronic, its output goes to its supply when hot. */
    case ToSupply = 'to-supply';

    /** Whether it switches by a contact of its own, which may carry more than a coil's current. */
    public function isContact(): bool
    {
        return $this === self::Capillary || $this === self::DryContact;
    }

    /** The side of the coil it switches; null where that is free. */
    public function side(): ?Side
    {
        return match ($this) {
            self::Capillary, self::DryContact => null,
            self::ToEarth => Side::Earth,
            self::ToSupply => Side::Supply,
        };
    }

    /** @return array{string, string} numbers of the terminals it joins, in the direction the current takes */
    public function terminals(): array
    {
        return match ($this) {
            self::Capillary, self::DryContact => ['1', '2'],
            self::ToEarth => ['out', '31'],
            self::ToSupply => ['15', 'out'],
        };
    }
}
