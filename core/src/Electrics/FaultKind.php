<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\Diode;
use LampThread\Circuit\Component\EarthPoint;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\TemperatureSwitch;

/** How one part or wire can be broken. */
enum FaultKind: string
{
    /** Nothing gets through it: blown, cut, pulled out, worn away. */
    case Open = 'open';

    /** Its ends are joined. */
    case Short = 'short';

    /** It stays as if it were at rest: a relay that does not pull in, a switch that stays cold. */
    case StuckOff = 'stuck-off';

    /** It stays as if it were worked: a welded contact, a switch that stays hot. */
    case StuckOn = 'stuck-on';

    /** Green crimps, a loose stud. */
    case HighResistance = 'high-resistance';

    /** Rubbed through to the body. */
    case Chafed = 'chafed';

    /** Held fast. */
    case Jammed = 'jammed';

    /** @return non-empty-list<self> what can happen to a component */
    public static function of(Component $component): array
    {
        return match (true) {
            $component instanceof Relay, $component instanceof TemperatureSwitch => [self::StuckOff, self::StuckOn, self::Open],
            $component instanceof FanMotor => [self::Open, self::Jammed, self::Short],
            $component instanceof EarthPoint => [self::Open, self::HighResistance],
            $component instanceof HandSwitch, $component instanceof Diode => [self::Open, self::Short],
            default => [self::Open],
        };
    }

    /** @return non-empty-list<self> what can happen to a wire */
    public static function ofWire(): array
    {
        return [self::Open, self::HighResistance, self::Chafed];
    }
}
