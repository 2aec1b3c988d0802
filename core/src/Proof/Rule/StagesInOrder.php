<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Assumptions;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** A second stage a few degrees above the first; 5 K is usual (common practice, no source). */
final readonly class StagesInOrder implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        $stages = $sizing->brief->control->stages;
        foreach (array_slice($stages, 1) as $at => $stage) {
            $below = $stages[$at]->decider->band();
            $band = $stage->decider->band();
            if ($below !== null && $band !== null && $band->onC <= $below->onC) {
                $path = '/control/stages/'.($at + 1).'/decider';
                $onC = $below->onC + Assumptions::STAGE_STEP_K;
                $findings[] = new Finding(
                    $sizing->brief->control->speeds === null ? 'stages-out-of-order' : 'low-and-high-exchanged',
                    Severity::Warning,
                    $stage->id,
                    "{$path}/onC",
                    figures: [Figure::of('first-on', Unit::Celsius->of($below->onC)), Figure::of('second-on', Unit::Celsius->of($band->onC))],
                    remedies: [Remedy::of(
                        'second-stage-above',
                        ["{$path}/onC" => $onC, "{$path}/offC" => $below->offC + Assumptions::STAGE_STEP_K],
                        ['step' => Unit::Kelvin->of(Assumptions::STAGE_STEP_K), 'on' => Unit::Celsius->of($onC)],
                    )],
                );
            }
        }

        return $findings;
    }
}
