<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\Speeds;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Message\Message;

/**
 * One fan with a low and a high relay. Low goes through a resistor in the lead, or through the motor's slow winding, which is
 * taken as the fast one behind more copper; high goes straight to it.
 */
final readonly class TwoSpeedFan implements Arrangement
{
    public const LOW_RELAY = 'low-relay';

    public const HIGH_RELAY = 'high-relay';

    public const RESISTOR = 'low-resistor';

    public function __construct(private Stage $stage, private Speeds $speeds) {}

    public function install(Harness $harness): void
    {
        $fan = $harness->brief->fan($this->stage->fanIds[0]);
        $motor = $harness->add(new FanMotor($harness->mark('M'), $fan));
        [$fused, $group] = FusedFeed::install($harness, $fan->id, Message::verbatim($fan->name), $motor->terminal('+'), $motor->terminal('-'));
        $resistor = $harness->add(LowSpeedResistor::of($harness, self::RESISTOR, $fan, '/control/speeds', $this->speeds === Speeds::TwoWindings));
        foreach ([[self::HIGH_RELAY, 'high', $motor->terminal('+')], [self::LOW_RELAY, 'low', $resistor->terminal('1')]] as [$id, $speed, $to]) {
            $relay = $harness->add(
                new Relay($id, $harness->mark('K'), Message::of('component.speed-relay', speed: $speed), $harness->selection->relay($id), $harness->relayPlace($id)),
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
