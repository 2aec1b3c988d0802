<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Side;
use LampThread\Brief\ThermalAction;
use LampThread\Brief\ThermalSwitch;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** A one-wire switch in a hose adapter hangs in rubber: without a lead of its own the fan never starts. Common practice, no source. */
final readonly class HoseAdapterEarth implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->brief->control->stages as $at => $stage) {
            $decider = $stage->decider;
            if (! $decider instanceof ThermalSwitch || $decider->isDirect || $decider->earthLead || ! $decider->band->place->isInHose()) {
                continue;
            }
            if ($stage->side === Side::Earth || $decider->action === ThermalAction::OpensWhenHot) {
                $path = "/control/stages/{$at}/decider/earthLead";
                $findings[] = new Finding(
                    'hose-adapter-no-earth',
                    Severity::Danger,
                    $decider->action === ThermalAction::OpensWhenHot ? 'The fan never stops: the switch has no earth' : 'The fan never starts: the switch has no earth',
                    'Its body is its earth, and the hose on both sides is rubber. The adapter needs a lead of its own to an earth point.',
                    "{$stage->id}-switch",
                    $path,
                    [],
                    [new Remedy('Add an earth lead to the adapter', [$path => true])],
                );
            }
        }

        return $findings;
    }
}
