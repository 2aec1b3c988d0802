<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\Clutch;
use LampThread\Circuit\Control\AirConditioning\DiodeIntoCoil;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** A fan that engages the compressor: its trigger feeds the clutch wire backwards. The classic fault; common practice, no source. */
final readonly class ClutchFedBackwards implements Rule
{
    public function judge(Sizing $sizing): array
    {
        foreach ($sizing->envelope->points as $point) {
            $currentA = $point->currentA(Clutch::COIL);
            if ($point->conditions->position(Clutch::INPUT, Clutch::OFF) === Clutch::OFF && abs($currentA) >= Clutch::ENGAGES_FROM_A) {
                return [new Finding(
                    'clutch-fed-backwards',
                    Severity::Danger,
                    Clutch::ID,
                    '/control/airConditioning/trigger',
                    figures: [Figure::of('clutch-draws', Unit::Ampere->of($currentA))],
                    remedies: [Remedy::of('diode-in-wire', ['/control/airConditioning/trigger' => DiodeIntoCoil::kind()])],
                )];
            }
        }

        return [];
    }
}
