<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\CoilFeed;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\KeySwitch;
use LampThread\Circuit\Component\VehicleLoads;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Reel;

/** What the vehicle brings: battery, charging, starter, ignition switch; and the fused coil feed taken from it. */
final readonly class VehicleSupply implements Arrangement
{
    public const COIL_FUSE = 'coil-fuse';

    public const TRIGGER_REEL = 'trigger-wire';

    public function install(Harness $harness): void
    {
        $supply = $harness->brief->supply;
        $harness->add(new Battery($supply));
        $harness->add(new Alternator($supply));
        $harness->add(new VehicleLoads($supply));
        $feed = $harness->brief->control->coilFeed;
        $tap = 'battery:+';
        if ($feed !== CoilFeed::Battery) {
            $key = $harness->add(new KeySwitch($harness->mark('S'), $feed->terminal()));
            $tap = $key->terminal($feed->terminal());
        }
        $stretch = Stretch::FeedToFuse;
        $zone = $harness->brief->run($stretch)->zone;
        $fuse = $harness->add(new Fuse(
            self::COIL_FUSE,
            $harness->mark('F'),
            'Coil fuse',
            $harness->fitted->fuse(self::COIL_FUSE),
            $zone,
        ));
        $relay = "{$harness->brief->control->stages[0]->fanIds[0]}-relay";
        $harness->reel(new Reel(self::TRIGGER_REEL, 'Trigger wire', $fuse->id, "{$relay}:86", "{$relay}:85"));
        $harness->wire($tap, $fuse->terminal('1'), $stretch, Colour::CoilFeed, self::TRIGGER_REEL);
    }
}
