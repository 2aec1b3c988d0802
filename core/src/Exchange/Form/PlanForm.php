<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Brief\BatteryPlace;
use LampThread\Brief\PlanPlace;
use LampThread\Brief\VehiclePlan;
use LampThread\Message\Message;
use LampThread\Message\Unit;

/** The plan of the vehicle as it is asked for: its shape, where each thing sits, and what lengths come of that. */
final class PlanForm
{
    private const PATH = '/plan';

    /** Nobody cuts to less than this, m. */
    private const SAME_M = 0.05;

    /**
     * @param  VehiclePlan|null  $plan  null where lengths are told without one
     * @param  array<string, mixed>  $file  the job's, as decoded
     * @return array<string, mixed>
     */
    public static function of(?VehiclePlan $plan, array $file): array
    {
        $runs = $file['runs'] ?? [];
        $place = BatteryPlace::tryFrom($file['supply']['batteryPlace'] ?? '');
        $shapes = [FormOption::of('plan', 'none', [self::PATH => null])];
        foreach (VehiclePlan::SHAPES as $shape) {
            $shapes[] = FormOption::of('plan', $shape, $shape === $plan?->shape ? [] : self::shaped(VehiclePlan::of($shape)->withBattery($place), $plan, $runs, $place));
        }
        if ($plan === null) {
            return ['value' => 'none', 'options' => $shapes, 'drawn' => null, 'contradictions' => []];
        }
        $places = [];
        foreach (PlanPlace::cases() as $part) {
            $options = [];
            foreach (array_keys($plan->zones) as $zone) {
                $options[] = [
                    'zone' => $zone,
                    'label' => Message::of("plan-zone.{$zone}"),
                    'changes' => (object) self::moved($plan->withPlace($part, $zone), $plan, $runs),
                ];
            }
            $places[] = ['id' => $part->value, 'label' => Message::of("plan-place.{$part->value}"), 'zone' => $plan->places[$part->value], 'options' => $options];
        }
        $lengthsM = $plan->lengthsM();
        $routes = [];
        foreach ($plan->routes() as $stretch => $corners) {
            $routes[] = ['stretch' => $stretch, 'label' => Message::of("stretch.{$stretch}"), 'corners' => $corners, 'lengthM' => $lengthsM[$stretch]];
        }

        return ['value' => $plan->shape, 'options' => $shapes, 'contradictions' => self::contradictions($plan, $runs, $place), 'drawn' => [
            'lengthM' => $plan->lengthM,
            'widthM' => $plan->widthM,
            'zones' => array_map(static fn (array $zone): array => [
                'id' => $zone['id'], 'label' => Message::of("plan-zone.{$zone['id']}"), 'xM' => $zone['xM'], 'yM' => $zone['yM'],
            ], array_values($plan->zones)),
            'places' => $places,
            'routes' => $routes,
        ]];
    }

    /**
     * Another shape: what was told stays, also where the plan would have it otherwise; only lengths that came of the plan before follow this one.
     *
     * @param  array<string, array<string, mixed>>  $runs
     * @return array<string, mixed>
     */
    private static function shaped(VehiclePlan $plan, ?VehiclePlan $before, array $runs, ?BatteryPlace $told): array
    {
        $changes = [self::PATH => ['shape' => $plan->shape, 'places' => $plan->places], ...($told === null ? ['/supply/batteryPlace' => $plan->batteryPlace()->value] : [])];
        $beforeM = $before?->lengthsM() ?? [];
        foreach ($plan->lengthsM() as $stretch => $lengthM) {
            $toldM = $runs[$stretch]['lengthM'] ?? null;
            if ($toldM === null || $toldM == ($beforeM[$stretch] ?? null)) {
                $changes["/runs/{$stretch}"] = [...$runs[$stretch] ?? [], 'lengthM' => $lengthM];
            }
        }

        return $changes;
    }

    /**
     * A part put into another zone: only what is another length then is changed, and what was typed over stays.
     *
     * @param  array<string, array<string, mixed>>  $runs
     * @return array<string, mixed>
     */
    private static function moved(VehiclePlan $plan, VehiclePlan $before, array $runs): array
    {
        $changes = [self::PATH => ['shape' => $plan->shape, 'places' => $plan->places], '/supply/batteryPlace' => $plan->batteryPlace()->value];
        $beforeM = $before->lengthsM();
        foreach ($plan->lengthsM() as $stretch => $lengthM) {
            if ($beforeM[$stretch] !== $lengthM) {
                $changes["/runs/{$stretch}"] = [...$runs[$stretch] ?? [], 'lengthM' => $lengthM];
            }
        }

        return $changes;
    }

    /**
     * What was told and what the plan makes of it, where the two differ, each with what following the plan changes.
     *
     * @param  array<string, array<string, mixed>>  $runs
     * @return list<array<string, mixed>>
     */
    private static function contradictions(VehiclePlan $plan, array $runs, ?BatteryPlace $place): array
    {
        $found = [];
        if ($place !== null && $place !== $plan->batteryPlace()) {
            $found[] = [
                'id' => 'battery', 'says' => Message::of('plan.contradiction.battery', told: $place->value, plan: $plan->batteryPlace()->value),
                'changes' => (object) ['/supply/batteryPlace' => $plan->batteryPlace()->value],
            ];
        }
        foreach ($plan->lengthsM() as $stretch => $lengthM) {
            $toldM = $runs[$stretch]['lengthM'] ?? null;
            if ($toldM !== null && abs($toldM - $lengthM) > self::SAME_M) {
                $found[] = [
                    'id' => $stretch, 'says' => Message::of(
                        'plan.contradiction.length', stretch: Message::of("stretch.{$stretch}"), told: Unit::Metre->of((float) $toldM), plan: Unit::Metre->of($lengthM),
                    ),
                    'changes' => (object) ["/runs/{$stretch}/lengthM" => $lengthM],
                ];
            }
        }

        return $found;
    }
}
