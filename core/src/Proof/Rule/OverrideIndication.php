<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\OverrideKind;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** An override that shows nothing is forgotten: the fan runs all week, or stays cut in the next queue. Common practice, no source. */
final readonly class OverrideIndication implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $override = $sizing->brief->control->override;
        if ($override === null || $override->indicator) {
            return [];
        }
        $stops = in_array($override->kind, [OverrideKind::CutOut, OverrideKind::ThreePosition], true);

        return [new Finding(
            'override-not-indicated',
            $stops ? Severity::Warning : Severity::Note,
            $stops ? 'Nothing shows that the fan is cut' : 'Nothing shows that the override is on',
            $stops
                ? 'A cut-out that is forgotten is found by the temperature gauge. A lamp on the fan’s feed stays dark while it is hot.'
                : 'A fan that was left on runs until somebody hears it. A lamp on the fan’s feed shows it.',
            'override',
            '/control/override/indicator',
            [],
            [new Remedy('Add an indicator lamp', ['/control/override/indicator' => true])],
        )];
    }
}
