<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Control\Decider\ThermalSwitch;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** A one-wire switch in a hose adapter hangs in rubber: without a lead of its own the fan never starts. Common practice, no source. */
final readonly class HoseAdapterEarth implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->brief->control->decidingByPath() as $at => $stage) {
            $decider = $stage->decider;
            if ($decider instanceof ThermalSwitch && $decider->lacksEarth($stage)) {
                $path = "{$at}/earthLead";
                $findings[] = new Finding(
                    'hose-adapter-no-earth', Severity::Danger, "{$stage->id}-switch", $path, ['opensWhenHot' => $decider->opensWhenHot()],
                    remedies: [Remedy::of('adapter-earth-lead', [$path => true])],
                );
            }
        }

        return $findings;
    }
}
