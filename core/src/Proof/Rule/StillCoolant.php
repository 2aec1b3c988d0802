<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Place;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** A sensor past which no coolant moves feels its surroundings: the fan comes on late or never. Common practice, no source. */
final readonly class StillCoolant implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->brief->control->stages as $at => $stage) {
            $band = $stage->decider->band();
            if ($band === null || ! $band->coolantStands) {
                continue;
            }
            $path = "/control/stages/{$at}/decider";
            $remedies = $band->place === Place::EngineOutlet
                ? []
                : [new Remedy('Feel it at the engine’s outlet, where it always moves', ["{$path}/place" => Place::EngineOutlet->value, "{$path}/coolantStands" => false])];
            $findings[] = new Finding(
                'sensor-in-still-coolant',
                Severity::Danger,
                'The sensor sits where no coolant moves',
                'Some branches carry none until the thermostat opens or the revs rise. The fan then comes on late, or never.',
                "{$stage->id}-switch",
                "{$path}/place",
                [],
                $remedies,
            );
        }

        return $findings;
    }
}
