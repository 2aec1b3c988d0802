<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Road\Bottleneck;
use LampThread\Road\Drives;
use LampThread\Road\HeatModel;
use LampThread\Road\Simulation;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;

/**
 * The coolant stays below its ceiling on every drive of the set. Where nobody has told the engine's power, it is a usual vehicle that is driven,
 * and the finding is a note.
 */
final readonly class DrivesTooHot implements Rule
{
    /** A drive that stays so far below the ceiling in large steps is not driven in small ones, K. */
    private const NEAR_K = 3.0;

    public function judge(Sizing $sizing): array
    {
        $vehicle = Vehicle::of($sizing);
        $bands = array_values(Simulation::bands($sizing->brief));
        $worst = null;
        $nearC = $sizing->brief->cooling->ceilingC - self::NEAR_K;
        foreach (Drives::standard() as $drive) {
            if ($vehicle->coarselyC($bands, $drive) < $nearC) {
                continue;
            }
            $result = $vehicle->roughly($bands, $drive);
            if ($result->overS > 0 && $result->peakC > ($worst->peakC ?? -INF)) {
                $worst = $result;
            }
        }
        if ($worst === null) {
            return [];
        }
        $isTold = $sizing->brief->heat->isTold;
        $bottleneck = Bottleneck::of($worst, HeatModel::of($sizing->brief), $sizing->brief);

        return [new Finding(
            'drive-past-ceiling',
            $isTold ? Severity::Danger : Severity::Note,
            'cooling',
            '/cooling/ceilingC',
            ['drive' => $worst->drive->name, 'limit' => Message::of("bottleneck.{$bottleneck->value}"), 'isTold' => $isTold, 'boils' => $worst->boiling !== null],
            [
                Figure::of('hottest', Unit::Celsius->of($worst->peakC)),
                Figure::of('ceiling', Unit::Celsius->of($sizing->brief->cooling->ceilingC)),
                Figure::of('past-ceiling-for', Unit::Minute->of($worst->overS / 60)),
            ],
        )];
    }
}
