<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Circuit\Control\Override\Override;
use LampThread\Circuit\Control\Override\OverridesOf;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** An override that shows nothing is forgotten: the fan runs all week, or stays cut in the next queue. Common practice, no source. */
final readonly class OverrideIndication implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach (OverridesOf::control($sizing->brief->control) as $at => $override) {
            if (! $override->hasIndicator() && ! self::isShownByAnother($override, $sizing->brief->control)) {
                $path = "/control/overrides/{$at}/indicator";
                $findings[] = new Finding(
                    'override-not-indicated',
                    $override->canStop() ? Severity::Warning : Severity::Note,
                    $override->switchId(),
                    $path,
                    ['canStop' => $override->canStop()],
                    remedies: [Remedy::of('indicator-lamp', [$path => true])],
                );
            }
        }

        return $findings;
    }

    /** Whether the lamp of another override tells whether one of its fans is fed. */
    private static function isShownByAnother(Override $override, Control $control): bool
    {
        $fans = static fn (Override $one): array => array_merge(...array_map(static fn (Stage $stage): array => $stage->fanIds, $one->stages($control)));
        foreach (OverridesOf::control($control) as $other) {
            if ($other->hasIndicator() && in_array($other->stages($control)[0]->fanIds[0], $fans($override), true)) {
                return true;
            }
        }

        return false;
    }
}
