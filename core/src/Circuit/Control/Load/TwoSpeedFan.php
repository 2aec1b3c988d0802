<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\Speeds;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FixedResistor;
use LampThread\Circuit\Component\Measure;
use LampThread\Circuit\Component\Rating;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Message\Message;
use LampThread\Message\Unit;

/**
 * One fan with a low and a high relay. Low goes through a resistor in the lead, or through the motor's slow winding, which is
 * taken as the fast one behind more copper; high goes straight to it.
 */
final readonly class TwoSpeedFan implements Arrangement
{
    public const LOW_RELAY = 'low-relay';

    public const HIGH_RELAY = 'high-relay';

    public const RESISTOR = 'low-resistor';

    /** Speed the low stage is made for, share of rated (common practice, no source). */
    private const LOW_SPEED_SHARE = 0.6;

    /** Ratings of wire-wound resistors in a metal case, W, and the share of it taken in a hot place (common practice, no source). */
    private const RESISTOR_W = [5.0, 10.0, 25.0, 50.0, 100.0, 200.0, 300.0, 500.0];

    private const RESISTOR_SHARE = 0.5;

    public function __construct(private Stage $stage, private Speeds $speeds) {}

    public function install(Harness $harness): void
    {
        $fan = $harness->brief->fan($this->stage->fanIds[0]);
        $motor = $harness->add(new FanMotor($harness->mark('M'), $fan));
        [$fused, $group] = FusedFeed::install($harness, $fan->id, Message::verbatim($fan->name), $motor->terminal('+'), $motor->terminal('-'));
        $ohm = $motor->model->droppingOhm(self::LOW_SPEED_SHARE);
        $resistor = $harness->add(new FixedResistor(
            self::RESISTOR,
            $harness->mark('R'),
            Message::of('component.low-speed-resistance', isWinding: $this->speeds === Speeds::TwoWindings),
            $ohm,
            Symbol::Resistor,
            new Rating(
                'resistor', Message::of(
                    'part.resistor-on-metal', ohm: Unit::Ohm->of($ohm),
                ), 'heat', Measure::Dissipation, [self::RESISTOR], 0.0, Unit::Watt, '/control/speeds',
                self::RESISTOR_W, self::RESISTOR_SHARE, $ohm,
            ),
        ));
        foreach ([[self::HIGH_RELAY, 'high', $motor->terminal('+')], [self::LOW_RELAY, 'low', $resistor->terminal('1')]] as [$id, $speed, $to]) {
            $relay = $harness->add(
                new Relay($id, $harness->mark('K'), Message::of('component.speed-relay', speed: $speed), $harness->selection->relay($id), Zone::Bay),
            );
            // One lead from the fuse; the second relay takes its feed from the first beside it.
            $isFirst = $id === self::HIGH_RELAY;
            $from = $isFirst ? $fused : self::HIGH_RELAY.':30';
            $harness->wire($from, $relay->terminal('30'), $isFirst ? Stretch::FuseToRelay : Stretch::CoilToEarth, Colour::BatteryFeed, $group);
            $harness->wire($relay->terminal('87'), $to, Stretch::RelayToFan, Colour::FanFeed, $group);
        }
        $harness->wire($resistor->terminal('2'), $motor->terminal('+'), Stretch::CoilToEarth, Colour::FanFeed, $group);
        $harness->wire($motor->terminal('-'), $harness->fanEarth($fan), Stretch::FanToEarth, Colour::Earth, $group);
    }
}
