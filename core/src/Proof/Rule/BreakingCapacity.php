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
        $over = [];
        foreach ($sizing->circuit->each(Fuse::class) as $fuse) {
            $ohm = $solver->loopOhm($rest, $fuse->terminal('2'), Rail::EARTH) - $fuse->ohm();
            $prospectiveA = $sizing->brief->supply->chargingV / max($ohm, 1e-4);
            if (! $fuse->part->isNone() && $prospectiveA > $fuse->part->gates->breakingA) {
                $over[] = [$fuse, $prospectiveA];
            }
        }
        usort($over, static fn (array $a, array $b): int => $b[1] / $b[0]->part->gates->breakingA <=> $a[1] / $a[0]->part->gates->breakingA);
        if ($over === []) {
            return [];
        }
        [$worst, $prospectiveA] = $over[0];

        return [new Finding(
            'fuse-breaking-capacity', Severity::Note, $worst->id, "/pinned/{$worst->id}",
            ['fuses' => array_map(static fn (array $one): string => $one[0]->mark, $over)],
            [Figure::of('prospective', Unit::Ampere->of($prospectiveA)), Figure::of('breaks', Unit::Ampere->of($worst->part->gates->breakingA))],
        )];
    }
}
