<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Assumptions;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\Key;
use LampThread\Message\Unit;
use LampThread\Operation\OperatingPoint;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** What after-run takes from the battery. Below 70 % of its capacity starting is in doubt (common practice, no source). */
final readonly class AfterRunDrain implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $afterRun = $sizing->brief->control->afterRun;
        if ($afterRun === null) {
            return [];
        }
        $drawnA = $sizing->envelope->greatest(static fn (OperatingPoint $point): float => $point->conditions->key === Key::Off && $point->conditions->elapsedS !== null
            ? -$point->currentA(Battery::ID)
            : 0.0);
        $takenAh = $drawnA * $afterRun->delayS / 3600;
        $batteryAh = $sizing->brief->supply->batteryAh;
        $percent = 100 * $takenAh / $batteryAh;
        $flattens = $takenAh > Assumptions::usableAh($batteryAh);

        return [new Finding(
            $flattens ? 'after-run-flattens' : 'after-run-drain',
            $flattens ? Severity::Danger : Severity::Note,
            DelayRelay::ID,
            '/control/afterRun/delayS',
            figures: [
                Figure::of('takes', Unit::AmpereHour->of($takenAh)), Figure::of('of-capacity', Unit::Percent->of($percent)),
                Figure::of('left', Unit::Percent->of(100 - $percent)),
            ],
        )];
    }
}
