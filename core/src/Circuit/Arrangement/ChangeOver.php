<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Override;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Line;

/** A change-over relay let into each fan's plus: rest contact to what was there, make contact to a fused feed of its own. */
final readonly class ChangeOver implements Arrangement
{
    public function __construct(private Stage $stage, private Override $override) {}

    /** Id of the relay let into a fan's plus. */
    public static function relay(string $fanId): string
    {
        return "{$fanId}-override-relay";
    }

    public function install(Harness $harness): void
    {
        $switch = $harness->add(new HandSwitch('override', $harness->mark('S'), 'Dash override', $this->override->ratedA, [
            'automatic' => [],
            'on' => [['1', '2']],
        ]));
        $feed = (string) $harness->left(Line::COIL_FEED);
        $harness->wire($feed, $switch->terminal('1'), Stretch::Dash, Colour::CoilFeed, CoilSupply::REEL);
        foreach ($this->stage->fanIds as $fanId) {
            $id = "{$fanId}-override";
            $name = $harness->brief->fan($fanId)->name;
            $relay = $harness->add(new Relay(
                self::relay($fanId),
                $harness->mark('K'),
                "Change-over relay, {$name}",
                $harness->fitted->relay(self::relay($fanId)),
                Zone::Bay,
                isChangeOver: true,
                commonIsOutput: true,
            ));
            $harness->leave(Line::into($fanId), $relay->terminal('87a'));
            [$fused, $reel] = FusedFeed::lay($harness, $id, "{$name}, override", "{$fanId}:+", "{$fanId}:-");
            $harness->wire($fused, $relay->terminal('87'), Stretch::FuseToRelay, Colour::BatteryFeed, $reel);
            $harness->wire($relay->terminal('30'), "{$fanId}:+", Stretch::CoilToEarth, Colour::FanFeed, $reel);
            $harness->wire($switch->terminal('2'), $relay->terminal('86'), Stretch::Dash, Colour::Override, CoilSupply::REEL);
            $harness->wire($relay->terminal('85'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, CoilSupply::REEL);
        }
    }
}
