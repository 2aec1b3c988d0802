<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\AfterRun;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Harness;

/** A time-delay relay in parallel with the first fan's own: 30 to 30, 87 to 87. */
final readonly class RunOn implements Arrangement
{
    public function __construct(private AfterRun $afterRun, private string $fanId) {}

    public function install(Harness $harness): void
    {
        $relay = $harness->add(new DelayRelay($harness->mark('K'), $this->afterRun));
        $reel = "{$this->fanId}-wire";
        $harness->wire("{$this->fanId}-relay:30", $relay->terminal('30'), Stretch::CoilToEarth, Colour::BatteryFeed, $reel);
        $harness->wire($relay->terminal('87'), "{$this->fanId}-relay:87", Stretch::CoilToEarth, Colour::FanFeed, $reel);
    }
}
