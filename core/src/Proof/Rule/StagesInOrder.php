<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** A second stage a few degrees above the first; 5 K is usual (common practice, no source). */
final readonly class StagesInOrder implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        $stages = $sizing->brief->control->stages;
        $speeds = $sizing->brief->control->speeds;
        foreach (array_slice($stages, 1) as $at => $stage) {
            $below = $stages[$at]->decider->band();
            $band = $stage->decider->band();
            if ($below !== null && $band !== null && $band->onC <= $below->onC) {
                $path = '/control/stages/'.($at + 1).'/decider/onC';
                $findings[] = new Finding(
                    $speeds === null ? 'stages-out-of-order' : 'low-and-high-exchanged',
                    Severity::Warning,
                    $speeds === null ? 'The second stage does not come after the first' : 'Low and high are exchanged',
                    $speeds === null
                        ? 'Both come on together, or the strong one first: the step between them is what keeps the starts apart.'
                        : 'High comes on before low, or with it: low is then never heard. Printed instructions get the two swapped.',
                    $stage->id,
                    $path,
                    ['first on' => [$below->onC, '°C'], 'second on' => [$band->onC, '°C']],
                    [new Remedy(sprintf('Second stage 5 K above, on %g °C', $below->onC + 5), [
                        $path => $below->onC + 5.0,
                        str_replace('onC', 'offC', $path) => $below->offC + 5.0,
                    ])],
                );
            }
        }

        return $findings;
    }
}
