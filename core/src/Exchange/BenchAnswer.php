<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\OriginalWiring;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Stepless;
use LampThread\Circuit\Pass;
use LampThread\Electrics\Because;
use LampThread\Electrics\Ohmmeter;
use LampThread\Electrics\OperatingPoint;

/** One settled state as it goes out: fits schema/bench.json. */
final class BenchAnswer
{
    /** Volts against earth from which a test lamp glows. */
    private const LIVE_V = 1.0;

    /** Current from which something counts as carrying, A. */
    private const CARRYING_A = 0.005;

    /**
     * @param  array{string, string}|null  $leads  terminals the resistance meter is held on
     * @return array<string, mixed>
     */
    public static function of(OperatingPoint $point, ?array $leads = null): array
    {
        $volts = $point->volts;
        $because = Because::of($point);
        $terminals = [];
        foreach ($point->circuit->terminals() as $terminal) {
            $terminals[$terminal] = ['volts' => $volts->at($terminal), 'because' => $because->at($terminal)];
        }
        $wires = [];
        foreach ($point->circuit->wires as $wire) {
            $wires[$wire->id] = self::flow($point->currentA($wire->id), $volts->at($wire->from), $volts->at($wire->to));
        }

        return [
            'setting' => [
                'key' => $point->setting->key->value,
                'engineRpm' => $point->setting->engineRpm,
                'coolantC' => $point->setting->coolantC,
                'elapsedS' => $point->setting->elapsedS,
                'positions' => (object) $point->setting->positions,
            ],
            'isSettled' => $point->isSettled(),
            'chattering' => $point->chattering,
            'batteryV' => $volts->at(Circuit::SUPPLY),
            'batteryA' => -$point->currentA('battery'),
            'alternatorA' => -$point->currentA('alternator'),
            'terminals' => (object) $terminals,
            'wires' => (object) $wires,
            'passes' => (object) self::passes($point),
            'relays' => (object) self::relays($point),
            'fans' => (object) self::fans($point),
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
    private static function passes(OperatingPoint $point): array
    {
        $passes = [];
        foreach ($point->circuit->components as $component) {
            foreach ($component->passes() as $pass) {
                $conducts = $component->conducts($pass, $point->setting, $point->position($component->id));
                $passes["{$pass->from}>{$pass->to}"] = [
                    ...self::flow(self::currentA($point, $component, $pass), $point->volts->at($pass->from), $point->volts->at($pass->to)),
                    'conducts' => $conducts,
                    'volts' => $point->volts->across($pass->from, $pass->to),
                ];
            }
        }

        return $passes;
    }

    private static function currentA(OperatingPoint $point, Component $component, Pass $pass): float
    {
        if ($component instanceof Stepless) {
            return self::intoA($point, $pass->to === $component->terminal('M+') ? $pass->to : $pass->from);
        }
        $currentA = 0.0;
        foreach ($component->elements($point->setting, $point->position($component->id)) as $element) {
            if ($element->from() === $pass->from && $element->to() === $pass->to) {
                $currentA += $point->currentA($element->name());
            }
        }

        return $currentA;
    }

    /** What flows through a terminal by its wires, A: an averaged output's own resistances do not say. */
    private static function intoA(OperatingPoint $point, string $terminal): float
    {
        $currentA = 0.0;
        foreach ($point->circuit->wires as $wire) {
            if ($wire->from === $terminal || $wire->to === $terminal) {
                $currentA += $point->currentA($wire->id);
            }
        }

        return $currentA;
    }

    /** @return array<string, array<string, mixed>> */
    private static function relays(OperatingPoint $point): array
    {
        $relays = [];
        foreach ($point->circuit->each(Relay::class) as $relay) {
            $relays[$relay->id] = [
                'mark' => $relay->mark,
                'name' => $relay->name,
                'isPulledIn' => $point->position($relay->id) === Relay::PULLED_IN,
                'coilV' => abs($point->volts->across($relay->terminal('86'), $relay->terminal('85'))),
            ];
        }
        foreach ($point->circuit->each(OriginalWiring::class) as $wiring) {
            $relays[$wiring->id] = [
                'mark' => $wiring->mark,
                'name' => $wiring->name,
                'isPulledIn' => $point->position($wiring->id) === Relay::PULLED_IN,
                'coilV' => $wiring->coilV($point->setting, $point->volts),
            ];
        }

        return $relays;
    }

    /** @return array<string, array<string, mixed>> */
    private static function fans(OperatingPoint $point): array
    {
        $fans = [];
        foreach ($point->circuit->each(FanMotor::class) as $motor) {
            $volts = $point->volts->across($motor->terminal('+'), $motor->terminal('-'));
            $turns = $point->position($motor->id) === FanMotor::TURNING;
            $speedShare = $turns ? $motor->model->speedShare($volts) : 0.0;
            $fans[$motor->id] = [
                'mark' => $motor->mark,
                'name' => $motor->name,
                'isTurning' => $turns,
                'volts' => $volts,
                'currentA' => $point->currentA($motor->id),
                'speedShare' => $speedShare,
                'flowM3h' => abs($speedShare) * $motor->fan->flowM3h,
            ];
        }

        return $fans;
    }
}
