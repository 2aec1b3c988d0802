<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ConductionPath;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\HasCoil;
use LampThread\Circuit\Component\Rail;
use LampThread\Operation\Explanation;
use LampThread\Operation\Ohmmeter;
use LampThread\Operation\OperatingPoint;

/** One settled state as it goes out: fits schema/bench.json. */
final class BenchPresenter
{
    /** Volts against earth from which a test lamp glows. */
    private const LIVE_V = 1.0;

    /** Current from which something counts as carrying, A. */
    private const CARRYING_A = 0.005;

    /**
     * @param  array{string, string}|null  $leads  terminals the resistance meter is held on
     * @return array<string, mixed>
     */
    public static function of(OperatingPoint $point, Wording $wording, ?array $leads = null): array
    {
        $voltages = $point->voltages;
        $explanation = Explanation::of($point);
        $terminals = [];
        foreach ($point->circuit->terminals() as $terminal) {
            $terminals[$terminal] = ['volts' => $voltages->at($terminal), 'because' => $explanation->at($terminal)];
        }
        $wires = [];
        foreach ($point->circuit->wires as $wire) {
            $wires[$wire->id] = self::flow($point->currentA($wire->id), $voltages->at($wire->from), $voltages->at($wire->to));
        }

        return [
            'setting' => [
                'key' => $point->conditions->key->value,
                'engineRpm' => $point->conditions->engineRpm,
                'coolantC' => $point->conditions->coolantC,
                'elapsedS' => $point->conditions->elapsedS,
                'positions' => (object) $point->conditions->positions,
            ],
            'isSettled' => $point->isSettled(),
            'chattering' => $point->chattering,
            'batteryV' => $voltages->at(Rail::SUPPLY),
            'batteryA' => -$point->currentA(Battery::ID),
            'alternatorA' => -$point->currentA(Alternator::ID),
            'terminals' => (object) $wording->worded($terminals),
            'wires' => (object) $wires,
            'paths' => (object) self::paths($point),
            'relays' => (object) $wording->worded(self::relays($point)),
            'fans' => (object) $wording->worded(self::fans($point)),
            'memory' => (object) $point->positions,
            'ohm' => $leads === null ? null : Ohmmeter::between($point, ...$leads),
        ];
    }

    /** @return array{currentA: float, isLive: bool, isCarrying: bool} */
    private static function flow(float $currentA, float $fromV, float $toV): array
    {
        return [
            'currentA' => $currentA,
            'isLive' => max(abs($fromV), abs($toV)) >= self::LIVE_V,
            'isCarrying' => abs($currentA) >= self::CARRYING_A,
        ];
    }

    /** @return array<string, array<string, mixed>> */
    private static function paths(OperatingPoint $point): array
    {
        $paths = [];
        foreach ($point->circuit->components as $component) {
            foreach ($component->paths() as $path) {
                $paths[$path->key()] = [
                    ...self::flow(self::currentA($point, $component, $path), $point->voltages->at($path->from), $point->voltages->at($path->to)),
                    'conducts' => $component->conducts($path, $point->conditions, $point->position($component->id)),
                    'volts' => $point->voltages->across($path->from, $path->to),
                ];
            }
        }

        return $paths;
    }

    private static function currentA(OperatingPoint $point, Component $component, ConductionPath $path): float
    {
        $currentA = 0.0;
        if ($path->measuredAt !== null) {
            foreach ($point->circuit->wiresAt($path->measuredAt) as $wire) {
                $currentA += $point->currentA($wire->id);
            }

            return $currentA;
        }
        foreach ($component->elements($point->conditions, $point->position($component->id)) as $element) {
            if ($element->from() === $path->from && $element->to() === $path->to) {
                $currentA += $point->currentA($element->name());
            }
        }

        return $currentA;
    }

    /** @return array<string, array<string, mixed>> */
    private static function relays(OperatingPoint $point): array
    {
        $relays = [];
        foreach ($point->circuit->each(HasCoil::class) as $relay) {
            $relays[$relay->id] = [
                'mark' => $relay->mark,
                'name' => $relay->name,
                'isPulledIn' => $relay->isPulledIn($point->position($relay->id)),
                'coilV' => $relay->coilV($point->voltages),
            ];
        }

        return $relays;
    }

    /** @return array<string, array<string, mixed>> */
    private static function fans(OperatingPoint $point): array
    {
        $fans = [];
        foreach ($point->circuit->each(FanMotor::class) as $motor) {
            $volts = $motor->volts($point->voltages);
            $isTurning = $point->position($motor->id) === FanMotor::TURNING;
            $speedShare = $isTurning ? $motor->model->speedShare($volts) : 0.0;
            $fans[$motor->id] = [
                'mark' => $motor->mark,
                'name' => $motor->name,
                'isTurning' => $isTurning,
                'volts' => $volts,
                'currentA' => $point->currentA($motor->id),
                'speedShare' => $speedShare,
                'flowM3h' => abs($speedShare) * $motor->fan->flowM3h,
            ];
        }

        return $fans;
    }
}
