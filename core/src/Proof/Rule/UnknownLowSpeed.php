<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\FixedResistor;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** What makes a fan slow inside something bought was only taken as usual. */
final readonly class UnknownLowSpeed implements Rule
{
    public function judge(Sizing $sizing): array
    {
        foreach ($sizing->circuit->each(FixedResistor::class) as $resistor) {
            if ($resistor->isUnknown) {
                return [new Finding('low-speed-assumed', Severity::Note, $resistor->id, '/control/overrides', ['ohm' => Unit::Ohm->of(round($resistor->ohm, 2))])];
            }
        }

        return [];
    }
}
