<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Override;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Harness;

/** Off, automatic, on: stands between the coils and everything that joins them, so it is laid before the deciders. */
final readonly class ThreePosition implements Arrangement
{
    public function __construct(private Override $override, private TriggerLine $line) {}

    public function install(Harness $harness): void
    {
        $isEarthSide = $this->line->isEarthSide();
        $switch = $harness->add(new HandSwitch('override', $harness->mark('S'), 'Dash override', $this->override->ratedA, [
            'automatic' => [['1', '2']],
            'on' => [$isEarthSide ? ['1', '3'] : ['3', '2']],
            'off' => [],
        ]));
        $this->line->insert($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Dash);
        $end = $this->line->otherEnd($harness, 'cabin');
        if ($isEarthSide) {
            $harness->wire($switch->terminal('3'), $end, Stretch::DashEarth, Colour::Earth, CoilSupply::REEL);
        } else {
            $harness->wire($end, $switch->terminal('3'), Stretch::DashEarth, Colour::CoilFeed, CoilSupply::REEL);
        }
    }
}
