<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Proof\Finding;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** What after-run takes from the battery. Below 70 % of its capacity starting is in doubt (common practice, no source). */
final readonly class AfterRunDrain implements Rule
{
    private const MOST_SHARE = 0.3;

    public function judge(Sizing $sizing): array
    {
        $afterRun = $sizing->brief->control->afterRun;
        if ($afterRun === null) {
            return [];
        }
        $currentA = $sizing->duty->greatestA('after-run-relay');
        $takenAh = $currentA * $afterRun->delayS / 3600;
        $share = $takenAh / $sizing->brief->supply->batteryAh;

        return [new Finding(
            $share > self::MOST_SHARE ? 'after-run-flattens' : 'after-run-drain',
            $share > self::MOST_SHARE ? Severity::Danger : Severity::Note,
            $share > self::MOST_SHARE ? 'After-run leaves too little to start with' : 'After-run takes a little from the battery',
            'The fan runs on with the key out: hands clear until it stops.',
            'after-run-relay',
            '/control/afterRun/delayS',
            ['takes' => [$takenAh, 'Ah'], 'of capacity' => [100 * $share, '%'], 'left' => [100 - 100 * $share, '%']],
            [],
        )];
    }
}
