<?php

declare(strict_types=1);

namespace LampThread\Observation;

use LampThread\Message\Quantity;
use LampThread\Message\Unit;

/** What a test reads, and how well the instrument for it tells. Errors are those of usual workshop instruments (common practice, no source). */
enum Reads: string
{
    case Ohm = 'ohm';
    case Volt = 'volt';
    case Ampere = 'ampere';
    case Celsius = 'celsius';
    case Second = 'second';
    /** Whether what is to be seen is seen: 1 or 0. */
    case Seen = 'seen';

    /** What the instrument shows an open circuit at, Ω. */
    public const OPEN_OHM = 1e6;

    /** Twice its standard error at a value, in its own unit. */
    public function error(float $value): float
    {
        return match ($this) {
            self::Ohm => 0.2 + 0.01 * min(self::OPEN_OHM, abs($value)),
            self::Volt => 0.02 + 0.005 * abs($value),
            self::Ampere => 0.3 + 0.02 * abs($value),
            self::Celsius => 2.0,
            self::Second => 2.0,
            self::Seen => 0.0,
        };
    }

    public function of(float $value): Quantity
    {
        return (match ($this) {
            self::Ohm => Unit::Ohm,
            self::Volt => Unit::Volt,
            self::Ampere => Unit::Ampere,
            self::Celsius => Unit::Celsius,
            self::Second => Unit::Second,
            self::Seen => Unit::One,
        })->of($value);
    }

    /** @return array{float, float} what can be read at all */
    public function bounds(): array
    {
        return match ($this) {
            self::Ohm => [0.0, INF],
            self::Volt => [-60.0, 60.0],
            self::Ampere => [-400.0, 400.0],
            self::Celsius => [-50.0, 200.0],
            self::Second => [0.0, 3600.0],
            self::Seen => [0.0, 1.0],
        };
    }
}
