<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\ForceOn;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Harness;

/** A dash switch in parallel with the decider: runs the fan whenever the coil has its feed. */
final readonly class ForceOnOverride implements Arrangement
{
    public function __construct(private ForceOn $override, private TriggerLine $line) {}

    public function install(Harness $harness): void
    {
        $switch = $harness->add(new HandSwitch('override', $harness->mark('S'), 'Dash override', $this->override->ratedA));
        $reel = VehicleSupply::TRIGGER_REEL;
        $end = $this->line->otherEnd($harness, 'cabin');
        if ($this->line->isEarthSide()) {
            $harness->wire($this->line->joint(), $switch->terminal('1'), Stretch::Dash, Colour::Override, $reel);
            $harness->wire($switch->terminal('2'), $end, Stretch::DashEarth, Colour::Earth, $reel);
        } else {
            $harness->wire($end, $switch->terminal('1'), Stretch::DashEarth, Colour::CoilFeed, $reel);
            $harness->wire($switch->terminal('2'), $this->line->joint(), Stretch::Dash, Colour::Override, $reel);
        }
    }
}
