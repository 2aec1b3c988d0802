<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\Fan;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FixedResistor;
use LampThread\Circuit\Component\Measure;
use LampThread\Circuit\Component\Rating;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\Harness;
use LampThread\Message\Message;
use LampThread\Message\Unit;

/** A resistor in a fan's lead that makes it turn slowly, or the slow winding that is taken as one. */
final class LowSpeedResistor
{
    /** Speed it is made for, share of rated (common practice, no source). */
    private const LOW_SPEED_SHARE = 0.6;

    /** Ratings of wire-wound resistors in a metal case, W, and the share of it taken in a hot place (common practice, no source). */
    private const RESISTOR_W = [5.0, 10.0, 25.0, 50.0, 100.0, 200.0, 300.0, 500.0];

    private const RESISTOR_SHARE = 0.5;

    /** What lets a fan turn at the low speed, Ω. */
    public static function ohm(Fan $fan): float
    {
        return (new FanMotor('', $fan))->model->droppingOhm(self::LOW_SPEED_SHARE);
    }

    /** What makes a fan slow inside something bought, taken as usual until it is measured: its heat is its maker's. */
    public static function unknown(Harness $harness, string $id, Fan $fan): FixedResistor
    {
        return new FixedResistor($id, $harness->mark('R'), Message::of('component.low-speed-unknown'), self::ohm($fan), Symbol::Resistor, isUnknown: true);
    }

    /** @param  string  $briefPath  JSON pointer to the answer it hangs on */
    public static function of(Harness $harness, string $id, Fan $fan, string $briefPath, bool $isWinding = false): FixedResistor
    {
        $ohm = self::ohm($fan);
        $bought = Message::of('part.resistor-on-metal', ohm: Unit::Ohm->of($ohm));

        return new FixedResistor(
            $id,
            $harness->mark('R'),
            Message::of('component.low-speed-resistance', isWinding: $isWinding),
            $ohm,
            Symbol::Resistor,
            new Rating(
                'resistor', $bought, 'heat', Measure::Dissipation, [$id], 0.0, Unit::Watt, $briefPath, self::RESISTOR_W, self::RESISTOR_SHARE, $ohm,
            ),
        );
    }
}
