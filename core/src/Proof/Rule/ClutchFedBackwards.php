<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\AirConditioningTrigger;
use LampThread\Circuit\Component\Clutch;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** A fan that engages the compressor: its trigger feeds the clutch wire backwards. The classic fault; common practice, no source. */
final readonly class ClutchFedBackwards implements Rule
{
    public function judge(Sizing $sizing): array
    {
        foreach ($sizing->duty->points as $point) {
            $currentA = $point->currentA('clutch-coil');
            if ($point->setting->position(Clutch::INPUT, Clutch::OFF) === Clutch::OFF && abs($currentA) >= Clutch::ENGAGES_FROM_A) {
                return [new Finding(
                    'clutch-fed-backwards',
                    Severity::Danger,
                    'The fan engages the compressor',
                    'With the air conditioning off, the trigger feeds the clutch through the wire that was joined to it.',
                    'clutch',
                    '/control/airConditioning/trigger',
                    ['clutch draws' => [$currentA, 'A']],
                    [new Remedy('Put a diode in the wire', ['/control/airConditioning/trigger' => AirConditioningTrigger::Diode->value])],
                )];
            }
        }

        return [];
    }
}
