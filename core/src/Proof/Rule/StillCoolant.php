<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Place;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** A sensor past which no coolant moves senses its surroundings: the fan comes on late or never. Common practice, no source. */
final readonly class StillCoolant implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->brief->control->decidingByPath() as $path => $stage) {
            $band = $stage->decider->band();
            if ($band === null || ! $band->coolantStands) {
                continue;
            }
            $findings[] = new Finding(
                'sensor-in-still-coolant',
                Severity::Danger,
                $sizing->circuit->sensorOf($stage->id)->id ?? $stage->id,
                "{$path}/place",
                remedies: $band->place === Place::EngineOutlet
                    ? []
                    : [Remedy::of('sense-at-engine-outlet', ["{$path}/place" => Place::EngineOutlet->value, "{$path}/coolantStands" => false])],
            );
        }

        return $findings;
    }
}
