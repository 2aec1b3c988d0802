<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Reel;

/** A relay for each fan of the stage, each with its own fuse straight from the battery: they can be swapped at the roadside. */
final readonly class RelayedFan implements Arrangement
{
    public function __construct(private Stage $stage) {}

    public function install(Harness $harness): void
    {
        foreach ($this->stage->fanIds as $fanId) {
            $fan = $harness->brief->fan($fanId);
            $fuse = $harness->add(new Fuse(
                "{$fanId}-fuse",
                $harness->mark('F'),
                "Main fuse, {$fan->name}",
                $harness->fitted->fuse("{$fanId}-fuse"),
                $harness->brief->run(Stretch::BatteryToFuse)->zone,
            ));
            $relay = $harness->add(new Relay(
                "{$fanId}-relay",
                $harness->mark('K'),
                "Relay, {$fan->name}",
                $harness->fitted->relay("{$fanId}-relay"),
                Zone::Bay,
            ));
            $motor = $harness->add(new FanMotor($harness->mark('M'), $fan));
            $reel = $harness->reel(new Reel(
                "{$fanId}-wire",
                "Fan wire, {$fan->name}",
                $fuse->id,
                $motor->terminal('+'),
                $motor->terminal('-'),
            ))->id;
            $earth = $harness->earth('bay');
            $harness->wire('battery:+', $fuse->terminal('1'), Stretch::BatteryToFuse, Colour::BatteryFeed, $reel);
            $harness->wire($fuse->terminal('2'), $relay->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $reel);
            $harness->wire($relay->terminal('87'), $motor->terminal('+'), Stretch::RelayToFan, Colour::FanFeed, $reel);
            $harness->wire($motor->terminal('-'), $earth, Stretch::FanToEarth, Colour::Earth, $reel);
        }
    }
}
