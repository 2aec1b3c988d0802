<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Speeds;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FixedResistor;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Harness;

/**
 * One fan with a low and a high relay. Low goes through a resistor in the lead, or through the motor's slow winding, which is
 * taken as the fast one behind more copper; high goes straight to it.
 */
final readonly class TwoSpeedFan implements Arrangement
{
    public const LOW_RELAY = 'low-relay';

    public const HIGH_RELAY = 'high-relay';

    /** Speed the low stage is made for, share of rated (common practice, no source). */
    private const LOW_SPEED_SHARE = 0.6;

    public function __construct(private Stage $stage, private Speeds $speeds) {}

    public function install(Harness $harness): void
    {
        $fan = $harness->brief->fan($this->stage->fanIds[0]);
        $motor = $harness->add(new FanMotor($harness->mark('M'), $fan));
        [$fused, $reel] = FusedFeed::lay($harness, $fan->id, $fan->name, $motor->terminal('+'), $motor->terminal('-'));
        $isWinding = $this->speeds === Speeds::TwoWindings;
        $resistor = $harness->add(new FixedResistor(
            'low-resistor',
            $harness->mark('R'),
            $isWinding ? 'Slow winding' : 'Dropping resistor',
            $motor->model->droppingOhm(self::LOW_SPEED_SHARE),
        ));
        foreach ([[self::HIGH_RELAY, 'high', $motor->terminal('+')], [self::LOW_RELAY, 'low', $resistor->terminal('1')]] as [$id, $name, $to]) {
            $relay = $harness->add(new Relay($id, $harness->mark('K'), "Relay, {$name}", $harness->fitted->relay($id), Zone::Bay));
            $harness->wire($fused, $relay->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $reel);
            $harness->wire($relay->terminal('87'), $to, Stretch::RelayToFan, Colour::FanFeed, $reel);
        }
        $harness->wire($resistor->terminal('2'), $motor->terminal('+'), Stretch::CoilToEarth, Colour::FanFeed, $reel);
        $harness->wire($motor->terminal('-'), $harness->earth('bay'), Stretch::FanToEarth, Colour::Earth, $reel);
    }
}
