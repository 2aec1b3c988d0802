<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Override;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Harness;

/**
 * Off, automatic, on: stands between the coils and everything that joins them, so it is laid before the deciders. Off means off: it has a
 * pole in the line of every stage; on runs the first.
 */
final readonly class ThreePosition implements Arrangement
{
    /** @param  non-empty-list<TriggerLine>  $lines */
    public function __construct(private Override $override, private array $lines) {}

    public function install(Harness $harness): void
    {
        $first = $this->lines[0];
        $isEarthSide = $first->isEarthSide();
        $poles = [];
        foreach (array_slice($this->lines, 1) as $at => $line) {
            $poles[] = [(string) (4 + 2 * $at), (string) (5 + 2 * $at)];
        }
        $switch = $harness->add(new HandSwitch('override', $harness->mark('S'), 'Dash override', $this->override->ratedA, [
            'automatic' => [['1', '2'], ...$poles],
            'on' => [$isEarthSide ? ['1', '3'] : ['3', '2'], ...$poles],
            'off' => [],
        ]));
        $first->insert($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Dash);
        foreach ($poles as $at => [$from, $to]) {
            $this->lines[$at + 1]->insert($harness, $switch->terminal($from), $switch->terminal($to), Stretch::Dash);
        }
        $end = $first->otherEnd($harness, 'cabin');
        if ($isEarthSide) {
            $harness->wire($switch->terminal('3'), $end, Stretch::DashEarth, Colour::Earth, CoilSupply::REEL);
        } else {
            $harness->wire($end, $switch->terminal('3'), Stretch::DashEarth, Colour::CoilFeed, CoilSupply::REEL);
        }
    }
}
