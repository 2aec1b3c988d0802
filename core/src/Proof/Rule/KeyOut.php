<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Assumptions;
use LampThread\Brief\CoilFeed;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Message\Unit;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** A fan that runs with the key out: wanted to cool down, or a flat battery and a caught hand. */
final readonly class KeyOut implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $worst = null;
        foreach (self::out($sizing) as $point) {
            if (self::running($point) !== null && ($worst === null || $point->currentA(Battery::ID) < $worst->currentA(Battery::ID))) {
                $worst = $point;
            }
        }
        if ($worst === null) {
            return [];
        }
        $currentA = -$worst->currentA(Battery::ID);

        return [new Finding(
            'runs-with-key-out',
            Severity::Warning,
            self::running($worst) ?? '',
            '/control/coilFeed',
            [
                'isByCoil' => $sizing->brief->control->coilFeed === CoilFeed::Battery,
                'current' => Unit::Ampere->of($currentA),
                'after' => Unit::Hour->of(Assumptions::usableAh($sizing->brief->supply->batteryAh) / $currentA),
                'charge' => Unit::Percent->of(100 * Assumptions::LEAST_CHARGE_SHARE),
            ],
            [Figure::of('draws', Unit::Ampere->of($currentA))],
            [Remedy::of('accessory-feed', ['/control/coilFeed' => CoilFeed::Accessory->value])],
        )];
    }

    /** @return list<OperatingPoint> with the key out and no after-run under way */
    private static function out(Sizing $sizing): array
    {
        $points = array_values(array_filter($sizing->envelope->points, static fn (OperatingPoint $point): bool => $point->conditions->key === Key::Off));
        if ($sizing->brief->control->afterRun === null) {
            return $points;
        }
        $solver = new Solver($sizing->circuit);

        return array_map(static fn (OperatingPoint $point): OperatingPoint => $solver->settle($point->conditions->withoutAfterRun()), $points);
    }

    /** A fan that turns; null where none does. */
    private static function running(OperatingPoint $point): ?string
    {
        foreach ($point->circuit->each(FanMotor::class) as $motor) {
            if ($point->position($motor->id) === FanMotor::TURNING) {
                return $motor->id;
            }
        }

        return null;
    }
}
