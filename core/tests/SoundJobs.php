<?php

declare(strict_types=1);

namespace LampThread\Tests;

/** Jobs nothing is wrong with: the rows an installer accepts, made into whole jobs with varied choices. Common practice, no source. */
final class SoundJobs
{
    /** Longer than a bay: through the cabin. */
    private const BAY_M = 5.5;

    private const BAND = ['onC' => 92, 'offC' => 86];

    /** @return array<string, array<string, mixed>> name to changes to the Orchard job */
    public static function all(): array
    {
        $decider = Combination::deciders();
        $ac = Combination::airConditioning();
        $with = static fn (string $name): array => [...$decider[$name], ...(isset($decider[$name]['onC']) ? self::BAND : [])];
        $tapped = static fn (string $name): array => [...$ac[$name] ?? [], 'fuseA' => 10];
        $fan = static fn (float $runA): array => ['runA' => $runA, 'startA' => 3 * $runA];

        return [
            '12 V, 2 A, one switch' => self::with(self::job(12, [$fan(2)], 1.5), $with('switch closing when hot')),
            '12 V, 4 A, in the hose' => self::with(self::job(12, [$fan(4)], 2), [...$with('switch closing, in a hose'), 'earthLead' => true]),
            '12 V, 7 A, capillary' => self::with(self::job(12, [$fan(7)], 2.5), $with('capillary')),
            '12 V, 9 A near, electronic' => self::with(self::job(12, [$fan(9)], 1.5), $with('electronic, dry contact')),
            '12 V, 9 A far, supply side' => self::with(self::job(12, [$fan(9)], 5), $with('electronic, to supply'), 'supply'),
            '12 V, 12 A near, opening switch' => self::with(self::job(12, [$fan(12)], 1.5), $with('switch opening when hot')),
            '12 V, 12 A far, computer' => self::with(self::job(12, [$fan(12)], 4), $with('computer')),
            '12 V, 16 A near, clutch by a small relay' => [
                ...self::with(self::job(12, [$fan(16)], 2), $with('switch closing when hot')), '/control/airConditioning' => $tapped('interposing-relay'),
            ],
            '12 V, 16 A far, pressure switch' => [
                ...self::with(self::job(12, [$fan(16)], 5), $with('switch closing when hot')), '/control/airConditioning' => $ac['variable, pressure-switch'],
            ],
            '12 V, 20 A, three positions' => [
                ...self::with(self::job(12, [$fan(20)], 2), $with('switch closing when hot')), '/control/overrides' => [['kind' => 'three-position', 'indicator' => true]],
            ],
            '12 V, 25 A near, cut-out' => [
                ...self::with(self::job(12, [$fan(25)], 2), $with('switch closing when hot')), '/control/overrides' => [['kind' => 'cut-out', 'indicator' => true]],
            ],
            '12 V, 25 A, battery in the boot' => self::with(self::job(12, [$fan(25)], 6), $with('switch closing when hot')),
            '12 V, 30 A, no override' => [...self::with(self::job(12, [$fan(30)], 3), $with('switch closing when hot')), '/control/overrides' => []],
            '24 V, 8 A' => self::with(self::job(24, [$fan(8)], 3), $with('switch closing when hot')),
            '24 V, 15 A, feed relay' => [...self::with(self::job(24, [$fan(15)], 5), $with('switch closing when hot')), '/control/feedRelay' => true],
            '6 V, 6 A' => self::with(self::job(6, [$fan(6)], 2), $with('switch closing when hot')),
            '6 V, 12 A, by hand' => [...self::with(self::job(6, [$fan(12)], 3), $decider['hand']), '/control/overrides' => []],
            '12 V, two 9 A at two temperatures' => self::stages(self::job(12, [$fan(9), $fan(9)], 2), $with('switch closing when hot')),
            '12 V, two 12 A on one relay' => [
                ...self::with(self::job(12, [$fan(12), $fan(12)], 2), $with('switch closing when hot')), '/control/stages/0/sharesRelay' => true,
            ],
            '12 V, two 12 A, clutch joins at the fans' => [
                ...self::with(self::job(12, [$fan(12), $fan(12)], 2), $with('switch closing when hot')), '/control/airConditioning' => $tapped('separate-relay'),
            ],
            '12 V, two 9 A, two contacts in one body' => self::stages(self::job(12, [$fan(9), $fan(9)], 2), $with('two contacts in one body')),
            '12 V, 12 A, runs on' => [...self::with(self::job(12, [$fan(12)], 2), $with('switch closing when hot')), '/control/afterRun' => ['delayS' => 200]],
            '12 V, 9 A, condenser fan asks' => [...self::with(self::job(12, [$fan(9)], 2), $with('switch closing when hot')), '/control/airConditioning' => $ac['condenser-fan']],
            '12 V, two 14 A in series and in parallel' => [
                ...self::job(12, [$fan(14), $fan(14)], 2),
                '/control' => [
                    ...Combination::changes($with('switch closing when hot'), Combination::loads()['series and parallel'])['/control'],
                    'earth' => 'battery', 'tappedFuseA' => 10, 'coilFeed' => 'accessory',
                ],
            ],
            '12 V, two 12 A on one stepless controller' => [
                ...self::with(self::job(12, [$fan(12), $fan(12)], 2), $with('stepless')), '/control/overrides' => [], '/runs/relay-to-fan' => ['lengthM' => 0.4],
                '/runs/fan-to-earth' => ['lengthM' => 0.4], '/runs/fuse-to-relay' => ['lengthM' => 1.85],
            ],
            '12 V, 12 A, stepless' => [...self::with(self::job(12, [$fan(12)], 2), $with('stepless')), '/control/overrides' => []],
        ];
    }

    /**
     * @param  list<array{runA: float, startA: float}>  $fans
     * @return array<string, mixed> changes to the Orchard job: the return is run as the feed is
     */
    public static function job(int $systemV, array $fans, float $lengthM): array
    {
        $scale = $systemV / 12;
        $zone = $lengthM > self::BAY_M ? 'cabin' : 'bay';
        $all = [];
        foreach ($fans as $at => $fan) {
            $all[] = [
                'id' => 'fan-'.($at + 1), 'name' => 'fan '.($at + 1), 'mount' => 'puller', 'diameterMm' => 350, 'depthMm' => 60,
                'ratedV' => 13 * $scale, 'flowM3h' => 2500, ...$fan,
            ];
        }

        return [
            '/supply/systemV' => $systemV, '/supply/restingV' => 12.6 * $scale, '/supply/chargingV' => 14.2 * $scale, '/supply/crankingV' => 9.6 * $scale,
            '/supply/alternatorIdleA' => 90, '/supply/alternatorRatedA' => 150,
            '/fans' => $all,
            '/fit' => ['coreWidthMm' => 720, 'coreHeightMm' => 430, 'shroudPercent' => 90, 'flaps' => true],
            '/wiring/insulationC' => 105,
            '/control/earth' => 'battery',
            '/control/tappedFuseA' => 10,
            '/control/overrides/0/indicator' => true,
            '/control/stages/0/fans' => array_column($all, 'id'),
            '/runs' => [
                'battery-to-fuse' => ['lengthM' => 0.15], 'fuse-to-relay' => ['lengthM' => $lengthM - 0.75, 'zone' => $zone], 'relay-to-fan' => ['lengthM' => 0.6],
                'fan-to-earth' => ['lengthM' => $lengthM, 'zone' => $zone], 'dash' => ['lengthM' => 2],
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $job
     * @param  array<string, mixed>  $decider
     * @return array<string, mixed>
     */
    private static function with(array $job, array $decider, string $side = 'earth'): array
    {
        return [...$job, '/control/stages/0/decider' => $decider, '/control/stages/0/side' => $side];
    }

    /**
     * One fan a stage, the second five kelvin above the first.
     *
     * @param  array<string, mixed>  $job
     * @param  array<string, mixed>  $decider
     * @return array<string, mixed>
     */
    private static function stages(array $job, array $decider): array
    {
        $later = [...$decider, 'onC' => $decider['onC'] + 5, 'offC' => $decider['offC'] + 5];
        $stage = static fn (int $number, array $own): array => [
            'id' => "stage-{$number}", 'fans' => ["fan-{$number}"], 'side' => 'earth', 'sharesRelay' => false, 'decider' => $own,
        ];
        unset($job['/control/stages/0/fans']);

        return [...$job, '/control/stages' => [$stage(1, $decider), $stage(2, $later)]];
    }
}
