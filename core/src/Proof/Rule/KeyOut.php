<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Electrics\Key;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** A fan that runs with the key out: wanted to cool down, or a flat battery and a caught hand. */
final readonly class KeyOut implements Rule
{
    public function judge(Sizing $sizing): array
    {
        foreach ($sizing->duty->points as $point) {
            foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
                if ($point->setting->elapsedS !== null || $point->setting->key !== Key::Off || $point->position($motor->id) !== FanMotor::TURNING) {
                    continue;
                }
                $currentA = $point->currentA($motor->id);

                return [new Finding(
                    'runs-with-key-out',
                    Severity::Warning,
                    'The fan can run with the key out',
                    sprintf(
                        'The coil is fed straight from the battery. At %.1f A the battery is at 70 %% after about %.1f h; hands must stay clear with the key out too.',
                        $currentA,
                        0.3 * $sizing->brief->supply->batteryAh / $currentA,
                    ),
                    $motor->id,
                    '/control/coilFeed',
                    ['draws' => [$currentA, 'A']],
                    [new Remedy('Feed the coil from an accessory circuit', ['/control/coilFeed' => 'accessory'])],
                )];
            }
        }

        return [];
    }
}
