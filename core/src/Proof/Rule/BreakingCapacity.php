<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Supply;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Rail;
use LampThread\Message\Unit;
use LampThread\Operation\Solver;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/**
 * A fuse opens what a short right behind it makes flow (prospective current: a link of no resistance in its place, battery warm and charging),
 * up to its breaking capacity. Above that it may burst and burn on. Where nobody has looked at the battery nothing is said.
 */
final readonly class BreakingCapacity implements Rule
{
    public function judge(Sizing $sizing): array
    {
        if ($sizing->brief->supply->batteryMilliohm === Supply::USUAL_BATTERY_MILLIOHM) {
            return [];
        }
        $solver = new Solver($sizing->circuit);
        $rest = $solver->settle(new OperatingConditions);
        $marks = [];
        $worst = null;
        $mostA = 0.0;
        foreach ($sizing->circuit->each(Fuse::class) as $fuse) {
            $prospectiveA = $sizing->brief->supply->chargingV / ($solver->loopOhm($rest, $fuse->terminal('2'), Rail::EARTH) - $fuse->ohm());
            if (! $fuse->part->isNone() && $prospectiveA > $fuse->part->gates->breakingA) {
                $marks[] = $fuse->mark;
                $worst = $prospectiveA > $mostA ? $fuse : $worst;
                $mostA = max($mostA, $prospectiveA);
            }
        }
        if ($worst === null) {
            return [];
        }

        return [new Finding(
            'fuse-breaking-capacity', Severity::Note, $worst->id, "/pinned/{$worst->id}",
            ['fuses' => $marks],
            [Figure::of('prospective', Unit::Ampere->of($mostA)), Figure::of('breaks', Unit::Ampere->of($worst->part->gates->breakingA))],
        )];
    }
}
