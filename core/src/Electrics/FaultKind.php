<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\EarthPoint;
use LampThread\Circuit\Component\ExistingFuse;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FeelsTemperature;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\FuseBoxStud;
use LampThread\Circuit\Component\KeySwitch;
use LampThread\Circuit\Component\OriginalWiring;
use LampThread\Circuit\Component\Relay;

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
    /** It feels less than there is: scaled over, pushed off its place. */
    case Drifted = 'drifted';

    public function words(): string
    {
        return match ($this) {
            self::Open => 'open',
            self::Short => 'shorted',
            self::StuckOff => 'stuck off',
            self::StuckOn => 'stuck on',
            self::HighResistance => 'high in resistance',
            self::Chafed => 'chafed to the body',
            self::Jammed => 'jammed',
            self::Drifted => 'reading low',
        };
    }

    /** @return non-empty-list<self> what can happen to a component */
    public static function of(Component $component): array
    {
        return match (true) {
            $component instanceof FeelsTemperature => [self::StuckOff, self::StuckOn, self::Open, self::Drifted],
            $component instanceof Relay, $component instanceof OriginalWiring => [self::StuckOff, self::StuckOn, self::Open],
            $component instanceof FanMotor => [self::Open, self::Jammed, self::Short],
            $component instanceof EarthPoint => [self::Open, self::HighResistance],
            $component instanceof Fuse => [self::Open, self::HighResistance],
            $component instanceof Clutch, $component instanceof KeySwitch, $component instanceof ExistingFuse, $component instanceof FuseBoxStud => [self::Open],
            default => [self::Open, self::Short],
        };
    }

    /** @return non-empty-list<self> what can happen to a wire */
    public static function ofWire(): array
    {
        return [self::Open, self::HighResistance, self::Chafed];
    }
}
