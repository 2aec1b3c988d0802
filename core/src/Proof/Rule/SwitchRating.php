<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Proof\Finding;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** What switches the coil must carry it. */
final readonly class SwitchRating implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->components as $component) {
            [$ratedA, $path] = match (true) {
                $component instanceof TemperatureSwitch => [$component->decider->ratedA, '/control/stages/0/decider/ratedA'],
                $component instanceof HandSwitch => [$component->ratedA, '/control/override/ratedA'],
                default => [null, ''],
            };
            $currentA = $sizing->duty->greatestA($component->id);
            if ($ratedA !== null && $currentA > $ratedA) {
                $findings[] = new Finding(
                    'switch-over-rating',
                    Severity::Danger,
                    'The switch carries more than it is made for',
                    "{$component->name} ({$component->mark}) burns its contact or sticks closed.",
                    $component->id,
                    $path,
                    ['carries' => [$currentA, 'A'], 'rated' => [$ratedA, 'A']],
                    [],
                );
            }
        }

        return $findings;
    }
}
