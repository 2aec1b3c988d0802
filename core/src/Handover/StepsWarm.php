<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Brief\Brief;
use LampThread\Brief\TemperatureBand;
use LampThread\Brief\Zone;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Message\Message;
use LampThread\Observation\Reads;
use LampThread\Road\Drives;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;

/** With the engine warm, on the road, a week later: on, off and on again of each stage; the standing queue; what has come loose. */
final class StepsWarm
{
    /** What switches by itself acts within so many kelvins: one of a fixed pair, and one that is set (common practice, no source). */
    private const FIXED_K = 3.0;

    private const SET_K = 2.0;

    /** How far the model is from the vehicle where nothing was fitted, K (common practice, no source). */
    private const MODEL_K = 5.0;

    /** A plug or a fuse that carries its current for ten minutes and is so much warmer than the bay has a bad joint, K (common practice, no source). */
    private const WARMER_K = 20.0;

    private const QUEUE = '3-queue';

    /** @return list<TestStep> */
    public static function of(Sizing $sizing, Vehicle $vehicle): array
    {
        $steps = [];
        foreach ($sizing->circuit->sensors() as $id => $sensor) {
            $band = $sensor->band();
            $decider = array_filter($sizing->brief->control->deciding(), static fn ($stage): bool => $stage->id === $sensor->stageId());
            $isFixed = $decider === [] || reset($decider)->decider->isFixedPair();
            $goesOff = self::canCool($band, $sizing->brief) || ($decider !== [] && $vehicle->stops((int) array_key_first($decider), $band));
            foreach (['on' => $band->onC, ...($goesOff ? ['off' => $band->offC] : [])] as $which => $tempC) {
                // One instrument reads both: what is on is never taken for what is off.
                $by = min(($isFixed ? self::FIXED_K : self::SET_K) + Reads::Celsius->error($tempC), max(Reads::Celsius->error($tempC), ($band->onC - $band->offC) / 2));
                $steps[] = new TestStep(
                    "warm/celsius/{$id}/{$which}", Phase::Warm,
                    Message::of("test.{$which}-at", mark: $sensor->mark, name: $sensor->name, place: Message::of("place.{$band->place->value}")),
                    [Message::of('setting.warm-up')], Reads::Celsius, $tempC, $tempC - $by, $tempC + $by, Minutes::ofTest("{$which}-at"), caution: Message::of('test.caution.hot'),
                );
            }
        }
        $peakC = $vehicle->drive(Drives::standard()[self::QUEUE]->withoutAirConditioning())->result->peakC;
        $steps[] = new TestStep(
            'queue/celsius//', Phase::Road, Message::of('test.queue'), [Message::of('setting.queue')], Reads::Celsius, $peakC,
            $peakC - self::MODEL_K - 5.0, min($sizing->brief->cooling->ceilingC, $peakC + self::MODEL_K), Minutes::ofTest('queue'), caution: Message::of('test.caution.gauge'),
        );
        foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
            $steps[] = new TestStep(
                "air/seen/{$motor->id}/", Phase::Cold, Message::of('test.air', mark: $motor->mark, fan: $motor->fan->name, mount: $motor->fan->mount->value),
                [Message::of('setting.fan-runs')], Reads::Seen, 1.0, 1.0, 1.0, Minutes::ofTest('air'), caution: Message::of('test.caution.fans'),
            );
            $steps[] = new TestStep(
                "week/celsius/{$motor->id}/", Phase::Later, Message::of('test.plug-warm', mark: $motor->mark, fan: $motor->fan->name), [Message::of('setting.ten-minutes')],
                Reads::Celsius, null, -50.0, Zone::Bay->ambientC() + self::WARMER_K, Minutes::ofTest('plug-warm'), caution: Message::of('test.caution.plug'),
            );
        }
        if ($sizing->alteration()->opensCoolant()) {
            $steps[] = new TestStep(
                'week/seen/clamps/', Phase::Later, Message::of('test.clamps'), [], Reads::Seen, 1.0, 1.0, 1.0, Minutes::ofTest('clamps'),
                caution: Message::of('test.caution.pressure'),
            );
        }
        $steps[] = new TestStep('season/seen/terminals/', Phase::Later, Message::of('test.terminals'), [], Reads::Seen, 1.0, 1.0, 1.0, Minutes::ofTest('terminals'));

        return $steps;
    }

    /** Whether the coolant gets down to where a fan goes off: below its thermostat no fan brings it. */
    private static function canCool(TemperatureBand $band, Brief $brief): bool
    {
        return $band->offC > $brief->cooling->thermostatOpensC - $band->place->dropAcrossCoreK();
    }
}
