<?php

declare(strict_types=1);

namespace LampThread\Plans;

use LampThread\Brief\Override;
use LampThread\Brief\Stage;
use LampThread\Sizing\Sizing;

/** What of the vehicle is cut for a plan: a hose for an adapter, the fan's own leads, the wires of a relay that is replaced, the computer's sensor. */
final class Cuts
{
    public static function of(Sizing $sizing): int
    {
        $control = $sizing->brief->control;
        $hoses = count(array_filter($control->deciding(), static fn (Stage $stage): bool => $stage->decider->band()?->place->isInHose() === true));
        $leads = count(array_filter($control->stages, static fn (Stage $stage): bool => $control->changesOverFeed($stage)));
        $joints = count($sizing->alteration()->joints());
        $sensors = count(array_filter($control->overrides, static fn (Override $override): bool => $override->opensSensorCircuit()));

        return $hoses + $leads + $joints + $sensors;
    }
}
