<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\CoilFeed;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** A fan that runs while the starter turns takes from the starter. Common practice, no source. */
final readonly class Cranking implements Rule
{
    public function judge(Sizing $sizing): array
    {
        foreach ($sizing->envelope->points as $point) {
            foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
                if ($point->conditions->key === Key::Crank && $point->position($motor->id) === FanMotor::TURNING) {
                    return [new Finding(
                        'runs-while-cranking',
                        // A hand that leaves it on knows that it runs.
                        $sizing->circuit->sensors() === [] ? Severity::Note : Severity::Warning,
                        $motor->id,
                        '/control/coilFeed',
                        ['hasRelay' => $sizing->circuit->each(Relay::class) !== []],
                        figures: [
                            Figure::of('draws', Unit::Ampere->of($point->currentA($motor->id))), Figure::of(
                                'battery', Unit::Volt->of($point->voltages->at(Rail::SUPPLY)),
                            ),
                        ],
                        remedies: [Remedy::of('accessory-feed', ['/control/coilFeed' => CoilFeed::Accessory->value])],
                    )];
                }
            }
        }

        return [];
    }
}
