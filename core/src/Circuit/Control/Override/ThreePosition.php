<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Load\LoadOf;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/**
 * Off, automatic, on: stands between the coils and everything that joins them. Off means off: it has a pole in the line of every
 * stage it acts on; on runs the first of them.
 */
final readonly class ThreePosition extends Override
{
    public static function kind(): string
    {
        return 'three-position';
    }

    public function saysAll(): bool
    {
        return true;
    }

    public function canStop(): bool
    {
        return true;
    }

    protected function usuallyConcerns(Stage $stage, Control $control): bool
    {
        return true;
    }

    public function refusal(Control $control): ?Message
    {
        foreach ($this->stages($control) as $stage) {
            if (LoadOf::stage($stage)->triggerLine() === null) {
                return Message::of('refusal.no-trigger-to-cut');
            }
        }

        return null;
    }

    public function demand(Stage $stage, OperatingConditions $conditions, Control $control): ?Demand
    {
        return match (true) {
            $this->position($conditions) === 'off' => Demand::HeldOff,
            $this->position($conditions) === 'on' && $stage === ($this->stages($control)[0] ?? null) => Demand::Override,
            default => null,
        };
    }

    public function installInLines(Harness $harness, array $lines): void
    {
        $first = $lines[0];
        $isEarthSide = $first->isEarthSide();
        $poles = [];
        foreach (array_slice($lines, 1) as $at => $line) {
            $poles[] = [(string) (4 + 2 * $at), (string) (5 + 2 * $at)];
        }
        $switch = $this->switch($harness, [
            'automatic' => [['1', '2'], ...$poles],
            'on' => [$isEarthSide ? ['1', '3'] : ['3', '2'], ...$poles],
            'off' => [],
        ]);
        $first->insert($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Dash);
        foreach ($poles as $at => [$from, $to]) {
            $lines[$at + 1]->insert($harness, $switch->terminal($from), $switch->terminal($to), Stretch::Dash);
        }
        $end = $first->otherEnd($harness, 'cabin');
        if ($isEarthSide) {
            $harness->wire($switch->terminal('3'), $end, Stretch::DashEarth, Colour::Earth, TriggerLine::WIRES);
        } else {
            $harness->wire($end, $switch->terminal('3'), Stretch::DashEarth, Colour::CoilFeed, TriggerLine::WIRES);
        }
    }
}
