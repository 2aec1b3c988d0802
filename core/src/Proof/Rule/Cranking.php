<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\CoilFeed;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Electrics\Key;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** A fan that runs while the starter turns takes from the starter. Common practice, no source. */
final readonly class Cranking implements Rule
{
    public function judge(Sizing $sizing): array
    {
        foreach ($sizing->duty->points as $point) {
            foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
                if ($point->setting->key === Key::Crank && $point->position($motor->id) === FanMotor::TURNING) {
                    return [new Finding(
                        'runs-while-cranking',
                        Severity::Warning,
                        'The fan can run while cranking',
                        'Its coil’s feed stays live while the starter turns, and the voltage left is enough to pull the relay in.',
                        $motor->id,
                        '/control/coilFeed',
                        ['draws' => [$point->currentA($motor->id), 'A'], 'battery' => [$point->volts->at('battery:+'), 'V']],
                        [new Remedy('Feed the coil from an accessory circuit', ['/control/coilFeed' => CoilFeed::Accessory->value])],
                    )];
                }
            }
        }

        return [];
    }
}
