<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Compressor;
use LampThread\Circuit\Control\AirConditioning\PressureSwitchTrigger;
use LampThread\Circuit\Control\AirConditioning\SeparateRelay;
use LampThread\Circuit\Control\AirConditioning\TriggerOf;
use LampThread\Message\Message;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/**
 * Air conditioning that starts no fan: standing, its condenser has no air until the coolant is hot. The later fan is proposed, so that the
 * earlier one still adds to it. Common practice, no source.
 */
final readonly class CondenserWithoutAir implements Rule
{
    private const PATH = '/control/airConditioning';

    public function judge(Sizing $sizing): array
    {
        $control = $sizing->brief->control;
        if ($control->airConditioning === null || TriggerOf::control($control)?->asksForNothing() !== true) {
            return [];
        }
        $later = $control->stages[count($control->stages) - 1];
        $remedies = [];
        foreach ($control->airConditioning->compressor === Compressor::Clutch ? [SeparateRelay::kind(), PressureSwitchTrigger::kind()] : [PressureSwitchTrigger::kind()] as $kind) {
            $remedies[] = Remedy::of(
                'air-conditioning-asks', [self::PATH.'/trigger' => $kind, self::PATH.'/stages' => [$later->id]],
                ['by' => Message::of("option.air-conditioning.{$kind}.label"), 'fan' => $sizing->circuit->components[$later->fanIds[0]]->name],
            );
        }

        return [new Finding('condenser-without-air', Severity::Warning, $later->fanIds[0], self::PATH, remedies: $remedies)];
    }
}
