<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Brief\PlanPlace;
use LampThread\Brief\VehiclePlan;
use LampThread\Message\Message;

/** The plan of the vehicle as it is asked for: its shape, where each thing sits, and what lengths come of that. */
final class PlanForm
{
    private const PATH = '/plan';

    /**
     * @param  VehiclePlan|null  $plan  null where lengths are told without one
     * @param  array<string, array<string, mixed>>  $runs  as the job file has them
     * @return array<string, mixed>
     */
    public static function of(?VehiclePlan $plan, array $runs): array
    {
        $shapes = [FormOption::of('plan', 'none', [self::PATH => null])];
        foreach (VehiclePlan::SHAPES as $shape) {
            $shapes[] = FormOption::of('plan', $shape, self::changes(VehiclePlan::of($shape), null, $runs));
        }
        if ($plan === null) {
            return ['value' => 'none', 'options' => $shapes, 'drawn' => null];
        }
        $places = [];
        foreach (PlanPlace::cases() as $place) {
            $options = [];
            foreach (array_keys($plan->zones) as $zone) {
                $options[] = [
                    'zone' => $zone,
                    'label' => Message::of("plan-zone.{$zone}"),
                    'changes' => (object) self::changes($plan->withPlace($place, $zone), $plan, $runs),
                ];
            }
            $places[] = ['id' => $place->value, 'label' => Message::of("plan-place.{$place->value}"), 'zone' => $plan->places[$place->value], 'options' => $options];
        }
        $lengthsM = $plan->lengthsM();
        $routes = [];
        foreach ($plan->routes() as $stretch => $corners) {
            $routes[] = ['stretch' => $stretch, 'label' => Message::of("stretch.{$stretch}"), 'corners' => $corners, 'lengthM' => $lengthsM[$stretch]];
        }

        return ['value' => $plan->shape, 'options' => $shapes, 'drawn' => [
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
     * @param  VehiclePlan|null  $before  what stands now: only what is another length then is changed, and what was typed over stays
     * @param  array<string, array<string, mixed>>  $runs
     * @return array<string, mixed>
     */
    private static function changes(VehiclePlan $plan, ?VehiclePlan $before, array $runs): array
    {
        $changes = [self::PATH => ['shape' => $plan->shape, 'places' => $plan->places], '/supply/batteryPlace' => $plan->batteryPlace()->value];
        $beforeM = $before?->lengthsM() ?? [];
        foreach ($plan->lengthsM() as $stretch => $lengthM) {
            if (($beforeM[$stretch] ?? null) !== $lengthM) {
                $changes["/runs/{$stretch}"] = [...$runs[$stretch] ?? [], 'lengthM' => $lengthM];
            }
        }

        return $changes;
    }
}
