<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Arrangement;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\SpareOutlet;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Message\Message;

/** A feed with a fuse of its own, as far as the relays, for what is not there yet. */
final readonly class SpareFeed implements Arrangement
{
    public const ID = 'spare';

    /** @param  float  $carriesA  what it is left for, A */
    public function __construct(private float $carriesA) {}

    public function install(Harness $harness): void
    {
        $outlet = $harness->add(new SpareOutlet(self::ID, $harness->mark('X'), $this->carriesA, $harness->brief->supply->chargingV));
        [$fused, $group] = FusedFeed::install(
            $harness, self::ID, Message::of('use.spare'), $outlet->end(), Rail::EARTH, Message::of('wire-group.spare'),
        );
        $harness->wire($fused, $outlet->end(), Stretch::FuseToRelay, Colour::BatteryFeed, $group);
    }
}
