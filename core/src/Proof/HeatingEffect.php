<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Road\HeatsUp;

/**
 * What is said of a vehicle that gets too hot.
 *
 * @internal
 */
final class HeatingEffect
{
    public static function said(HeatsUp $heatsUp): Message
    {
        $ceiling = Unit::Celsius->of($heatsUp->ceilingC);

        return match (true) {
            $heatsUp->overS === null => Message::of('effect.stays-below', ceiling: $ceiling),
            $heatsUp->boilsS === null => Message::of('effect.too-hot', ceiling: $ceiling, over: self::minutes($heatsUp->overS)),
            default => Message::of('effect.boils', ceiling: $ceiling, over: self::minutes($heatsUp->overS), after: self::minutes($heatsUp->boilsS)),
        };
    }

    /** The number that tells how bad it is; null where it stays cool. */
    public static function figure(?HeatsUp $heatsUp): ?Figure
    {
        return match (true) {
            $heatsUp?->boilsS !== null => Figure::of('boils-after', self::minutes($heatsUp->boilsS)),
            $heatsUp?->overS !== null => Figure::of('too-hot-after', self::minutes($heatsUp->overS)),
            default => null,
        };
    }

    private static function minutes(float $seconds): Quantity
    {
        return Unit::Minute->of(round($seconds / 60, $seconds < 600 ? 1 : 0));
    }
}
