<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Control\Override\Override;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** An override that shows nothing is forgotten: the fan runs all week, or stays cut in the next queue. Common practice, no source. */
final readonly class OverrideIndication implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $override = $sizing->brief->control->override;
        if ($override === null || $override->hasIndicator()) {
            return [];
        }
        $path = '/control/override/indicator';

        return [new Finding(
            'override-not-indicated',
            $override->canStop() ? Severity::Warning : Severity::Note,
            Override::SWITCH,
            $path,
            ['canStop' => $override->canStop()],
            remedies: [Remedy::of('indicator-lamp', [$path => true])],
        )];
    }
}
