<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Exchange\Arrangements;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Proof\Findings;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FindingsTest extends TestCase
{
    private const BAND = [
        'kind' => 'thermal-switch', 'action' => 'closes-when-hot', 'onC' => 92, 'offC' => 87, 'place' => 'radiator-inlet',
    ];

    public function test_nothing_but_a_note_is_said_against_the_demo_job(): void
    {
        self::assertSame(['override-not-indicated'], self::codes([]));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> the mistake that is built, and what must be said of it */
    public static function mistakes(): iterable
    {
        $decider = '/control/stages/0/decider';
        yield 'off at the thermostat’s opening' => [["{$decider}/offC" => 82], 'off-low'];
        yield 'off below it' => [["{$decider}/offC" => 74], 'off-below-thermostat'];
        // Common practice, no source: on 185 °F, off 175 °F; with a thermostat of 82 °C it never stops, where it feels the engine.
        yield 'the 185/175 °F switch on an 82 °C thermostat' => [
            ["{$decider}/onC" => 85.0, "{$decider}/offC" => 79.4, "{$decider}/place" => 'engine-outlet'],
            'off-below-thermostat',
        ];
        yield 'the same in the top hose, which cools on the road' => [["{$decider}/onC" => 85.0, "{$decider}/offC" => 79.4], 'off-low'];
        yield 'ceiling above boiling' => [['/cooling/ceilingC' => 135], 'ceiling-above-boiling'];
        yield 'on above boiling' => [['/cooling/ceilingC' => 135, "{$decider}/onC" => 132], 'on-above-boiling'];
        yield 'two fans wider than the core together' => [
            [...Combination::changes(Combination::deciders()['hand'], Combination::loads()['two, a relay each']), '/fit' => [
                'coreWidthMm' => 560, 'coreHeightMm' => 400, 'shroudPercent' => 100, 'flaps' => true,
            ]],
            'fans-wider-than-core',
        ];
        yield 'a fuse that was raised' => [self::found(['fan-1-fuse' => ['ratedA' => 20, 'beforeA' => 15]]), 'fuse-raised'];
        yield 'a relay that stays below its fuse' => [
            self::found(['fan-1-fuse' => ['ratedA' => 30], 'fan-1-relay' => ['ratedA' => 20], 'fan-1-wire' => ['areaMm2' => 6]]), 'relay-below-fuse',
        ];
        yield 'a plug that stays for less than the fan draws' => [self::found(['fan-1' => ['pinA' => 5]]), 'plug-weak'];
        yield 'a relay that stays for less than the fan draws' => [self::found(['fan-1-relay' => ['ratedA' => 9]]), 'relay-over-rating'];
        yield 'a circuit that stays and nobody has looked at' => [self::found(['fan-1-fuse' => ['ratedA' => 20, 'seen' => 'assumed']]), 'found-assumed'];
        yield 'an engine-speed switch that closes above idle' => [
            ['/control/lockouts' => ['engineSpeed' => ['rpm' => 1500, 'action' => 'closes-above']]], 'lockout-at-idle',
        ];
        yield 'a probe that hardly reaches in' => [['/control/stages/0/decider/place' => 'core-inlet', '/control/stages/0/decider/depthMm' => 3], 'probe-depth'];
        yield 'a probe too near the inlet' => [
            ['/control/stages/0/decider/place' => 'core-inlet', '/control/stages/0/decider/fromInletMm' => 40], 'probe-from-inlet',
        ];
        yield 'the engine’s fan taken off' => [['/engineFan' => ['drive' => 'viscous', 'isRemoved' => true, 'diameterMm' => 400]], 'engine-fan-removed'];
        yield 'the engine’s fan kept' => [['/engineFan' => ['drive' => 'fixed', 'isRemoved' => false, 'diameterMm' => 400]], 'engine-fan-kept'];
        yield 'a start too hard for a dash switch' => [
            [
                ...Combination::changes(Combination::deciders()['hand, carrying the fan'], Combination::loads()['one fan']),
                '/control/stages/0/decider/ratedA' => 10, '/fans/0/startA' => 34,
            ],
            'switch-over-start',
        ];
        yield 'a 60 A fuse before the maker’s 0.5 mm²' => [self::found(['fan-1-fuse' => ['ratedA' => 60], 'fan-1-wire' => ['areaMm2' => 0.5]]), 'fuse-over-wire'];
        yield 'a clutch wire tapped that has no fuse' => [self::tapped(0), 'tapped-without-fuse'];
        yield 'a clutch wire tapped behind 30 A' => [self::tapped(30), 'tapped-fuse-large'];
        yield 'a tapped fuse nobody has looked at' => [['/control/tappedFuseA' => null], 'tapped-fuse-assumed'];
        yield 'on below it' => [["{$decider}/onC" => 80, "{$decider}/offC" => 75], 'on-below-thermostat'];
        yield 'on above the ceiling' => [["{$decider}/onC" => 110], 'on-above-ceiling'];
        yield 'bottom hose at the ceiling less the drop' => [
            ["{$decider}/place" => 'bottom-hose', "{$decider}/onC" => 102],
            'on-above-ceiling',
        ];
        yield 'hose adapter without its own earth' => [
            ["{$decider}/earthLead" => false],
            'hose-adapter-no-earth',
        ];
        yield 'a 40 A fuse before the trigger wire' => [
            ['/pinned/coil-fuse' => 'blade-40'],
            'trigger-fuse-too-large',
        ];
        yield 'a 40 A fuse before a wire that carries less' => [
            ['/pinned/coil-fuse' => 'blade-40', '/pinned/trigger-wire' => 'metric-0.5'],
            'fuse-over-wire',
        ];
        yield 'fuse raised without a bigger wire' => [
            ['/pinned/fan-1-fuse' => 'blade-40', '/pinned/fan-1-wire' => 'metric-2.5'],
            'fuse-over-wire',
        ];
        yield 'more lost than is allowed' => [['/wiring/dropLimitPercent' => 0.5, '/pinned/fan-1-wire' => 'metric-4'], 'drop-over-limit'];
        yield 'wire too hot' => [['/pinned/fan-1-wire' => 'metric-0.75'], 'wire-over-ampacity'];
        yield 'wire too thin to last' => [['/pinned/trigger-wire' => 'metric-0.35'], 'wire-too-thin'];
        yield 'relay over its rating' => [['/pinned/fan-1-relay' => 'micro-20-12v'], 'relay-over-rating'];
        yield 'fan that welds the relay' => [
            ['/fans/0/startA' => 150, '/pinned/fan-1-relay' => 'mini-40-12v'],
            'relay-over-inrush',
        ];
        yield 'coil of another voltage' => [['/pinned/fan-1-relay' => 'power-50-24v'], 'coil-does-not-pull'];
        yield 'fuse loaded too hard' => [['/pinned/fan-1-fuse' => 'blade-20'], 'fuse-over-load'];
        yield 'fuse far from the battery' => [['/runs/battery-to-fuse/lengthM' => 0.3], 'unfused-length'];
        yield 'fan too deep' => [['/fans/0/depthMm' => 80], 'fan-does-not-fit'];
        // Common practice, no source: 4.8 mm was accepted; 3 to 6 mm is the range.
        yield '4.8 mm behind the fan' => [['/cooling/clearanceMm' => 70.8], 'fan-gap-small'];
        yield 'thermal switch too small for the coil' => [["{$decider}/ratedA" => 0.1], 'switch-over-rating'];
        yield 'dash switch too small for the coil' => [
            ['/control/overrides' => [['kind' => 'force-on', 'ratedA' => 0.1]]],
            'switch-over-rating',
        ];
        yield 'coil fed from the battery' => [['/control/coilFeed' => 'battery'], 'runs-with-key-out'];
        yield 'a bare core behind one fan' => [['/fit/shroudPercent' => 0], 'core-uncovered'];
        yield 'a fan wider than the core' => [['/fans/0/diameterMm' => 500], 'fan-wider-than-core'];
        // Common practice, no source: 2000 rpm was taken as highway; in first gear it is 17 km/h.
        yield 'lockout at 2000 rpm' => [
            [
                '/control/lockouts' => ['engineSpeed' => ['rpm' => 2000]],
                '/driveline' => ['axleRatio' => 4.11, 'gearRatios' => [3.5, 1], 'tyreM' => 0.66],
            ],
            'lockout-in-climb',
        ];
        yield 'lockout whose gears nobody told' => [
            ['/control/lockouts' => ['engineSpeed' => ['rpm' => 2000]]],
            'lockout-in-climb',
        ];
        yield 'clutch wire joined to the coil' => [
            [
                '/control/stages/0/side' => 'supply',
                '/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'joined'],
            ],
            'clutch-fed-backwards',
        ];
        yield 'fuse larger than the one it shares' => [
            ['/control/feed' => 'existing-circuit', '/control/existingFuseA' => 20, '/pinned/fan-1-fuse' => 'blade-30'],
            'fuse-over-shared',
        ];
        yield 'after-run that flattens the battery' => [
            ['/control/afterRun' => ['delayS' => 300], '/supply/batteryAh' => 3],
            'after-run-flattens',
        ];
        yield 'second stage not above the first' => [
            Combination::changes(
                ['kind' => 'hand'],
                Combination::loads()['two at two temperatures'],
            ) + ['/control/stages/0/decider' => self::BAND, '/control/stages/1/decider' => [...self::BAND, 'onC' => 91]],
            'stages-out-of-order',
        ];
        yield 'more taken from a circuit than its fuse carries' => [
            ['/control/feed' => 'existing-circuit', '/control/existingFuseA' => 15],
            'shared-fuse-overloaded',
        ];
        // Held in by the switch, let go by the cut-out's loss of feed, fed again through the diode: it cannot rest.
        yield 'relay that is fed through its own rest contact' => [
            Combination::changes(
                Combination::deciders()['switch opening when hot'],
                Combination::loads()['one fan'],
                'supply',
                Combination::airConditioning()['diode'],
                Combination::overrides()['cut-out'],
            ),
            'relay-chatters',
        ];
        yield 'coil fed while cranking' => [['/control/coilFeed' => 'ignition'], 'runs-while-cranking'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('mistakes')]
    public function test_each_mistake_is_caught_and_its_remedies_take_it_away(array $changes, string $code): void
    {
        $all = array_merge(...array_map(static fn (Finding $finding): array => [$finding, ...$finding->withEveryConsequence()], self::findings($changes)));
        $findings = array_filter($all, static fn (Finding $finding): bool => $finding->code === $code);

        self::assertNotEmpty($findings);
        foreach ($findings as $finding) {
            foreach ($finding->remedies as $remedy) {
                self::assertNotContains($code, self::codes([...$changes, ...$remedy->changes]), $remedy->label->code);
            }
        }
    }

    /**
     * @param  array<string, array<string, float|string>>  $told  of the parts that were found, otherwise than is usual
     * @return array<string, mixed>
     */
    private static function found(array $told): array
    {
        $changes = Combination::changes(Combination::deciders()['original'], Combination::loads()['one fan']);
        $changes['/found']['parts'] = [...$changes['/found']['parts'], ...$told];

        return $changes;
    }

    /** @return array<string, mixed> */
    private static function tapped(float $fuseA): array
    {
        return Combination::changes(
            Combination::deciders()['switch closing when hot'],
            Combination::loads()['one fan'],
            'earth',
            [...Combination::airConditioning()['separate-relay'] ?? [], 'fuseA' => $fuseA],
        );
    }

    /** @return iterable<string, array{array<string, mixed>, string, Severity|null}> what is told, the rule, and how bad it is; null where it is silent */
    public static function thresholds(): iterable
    {
        $fed = static fn (float $lengthM): array => ['/control/coilFeed' => 'starter-terminal', '/runs/feed-to-fuse' => ['lengthM' => $lengthM]];
        foreach (['0.2' => null, '0.21' => Severity::Warning, '0.5' => Severity::Warning, '0.51' => Severity::Danger] as $lengthM => $severity) {
            yield "{$lengthM} m from the starter to the coil fuse" => [$fed((float) $lengthM), 'unfused-length', $severity];
        }
        $starterFed = $fed(0.6);
        $tapped = static fn (float $fuseA, float $lengthM): array => ['/control/tappedFuseA' => $fuseA, '/runs/feed-to-fuse' => ['lengthM' => $lengthM]];
        // 0.5 mm² carries some 15 A where it is warm (SAE J1128 ampacity as the shelf has it, from memory).
        yield 'the fuse of another circuit of the vehicle protects nothing here' => [[...self::tapped(10), ...$starterFed], 'unfused-length', Severity::Danger];
        yield 'half a metre behind the vehicle’s 10 A' => [$tapped(10, 0.5), 'under-fused-length', null];
        yield 'half a metre behind the vehicle’s 20 A' => [$tapped(20, 0.5), 'under-fused-length', Severity::Warning];
        yield 'more than half behind the vehicle’s 20 A' => [$tapped(20, 0.6), 'under-fused-length', Severity::Danger];
        yield 'a hand’s width behind the vehicle’s 20 A' => [$tapped(20, 0.2), 'under-fused-length', null];
        yield 'what nobody has looked at' => [['/runs/feed-to-fuse' => ['lengthM' => 1]], 'under-fused-length', null];
        yield 'and a circuit with no fuse is not under-fused' => [$tapped(0, 1), 'under-fused-length', null];
        $decider = '/control/stages/0/decider';
        yield 'on 4 K below the ceiling' => [["{$decider}/onC" => 104.0], 'on-late', null];
        yield 'on less than 4 K below the ceiling' => [["{$decider}/onC" => 104.1], 'on-late', Severity::Warning];
        yield 'on at the ceiling is worse than late' => [["{$decider}/onC" => 108.0], 'on-late', null];
        yield 'on just below boiling' => [
            ['/cooling/ceilingC' => 122, '/cooling/capKpa' => 0, '/cooling/glycolPercent' => 0, "{$decider}/onC" => 93], 'on-late', Severity::Warning,
        ];
        $small = ['/fans/0/runA' => 4, '/fans/0/startA' => 12];
        // 30 A are enough for the fan of this job; 40 A are the next that is sold (ISO 8820-4, from memory).
        yield 'one size above what is enough' => [['/pinned/fan-1-fuse' => 'cartridge-40', '/pinned/fan-1-wire' => 'metric-10'], 'fuse-larger-than-needed', null];
        yield 'and two' => [['/pinned/fan-1-fuse' => 'cartridge-50', '/pinned/fan-1-wire' => 'metric-10'], 'fuse-larger-than-needed', Severity::Warning];
        yield 'two sizes above what is enough' => [[...$small, '/pinned/fan-1-fuse' => 'blade-15'], 'fuse-larger-than-needed', Severity::Warning];
        yield 'up to 10 A any' => [[...$small, '/pinned/fan-1-fuse' => 'blade-10'], 'fuse-larger-than-needed', null];
        // 14.2 V over 14.2 mΩ drive 1000 A, and the lead lets less; a blade fuse breaks 1000 A (ISO 8820-3, from memory).
        yield 'a short of less than 1000 A' => [['/supply/chargingV' => 14.2, '/supply/batteryMilliohm' => 14.2], 'fuse-breaking-capacity', null];
        yield 'a short of more than 1000 A' => [['/supply/chargingV' => 14.2, '/supply/batteryMilliohm' => 12], 'fuse-breaking-capacity', Severity::Note];
        yield 'a battery nobody has measured' => [['/supply/batteryMilliohm' => 8], 'fuse-breaking-capacity', null];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('thresholds')]
    public function test_a_rule_speaks_from_its_threshold_on(array $changes, string $code, ?Severity $severity): void
    {
        $found = null;
        foreach (self::findings($changes) as $finding) {
            foreach ([$finding, ...$finding->withEveryConsequence()] as $one) {
                $found = $one->code === $code ? $one->severity : $found;
            }
        }
        self::assertSame($severity, $found);
    }

    /** Of several fuses the one named first is the one with the least lead before it. */
    public function test_the_hardest_short_is_told(): void
    {
        $two = Combination::changes(Combination::deciders()['hand'], Combination::loads()['two at two temperatures']);
        foreach (['fan-1', 'fan-2'] as $near) {
            $far = $near === 'fan-1' ? 'fan-2' : 'fan-1';
            $findings = self::findings([
                ...$two, '/supply/batteryMilliohm' => 5, "/runs/battery-to-fuse@{$near}-wire" => ['lengthM' => 0.05], "/runs/battery-to-fuse@{$far}-wire" => ['lengthM' => 0.5],
            ]);
            $found = array_column(array_map(static fn (Finding $one): array => [$one->code, $one->subject], $findings), 1, 0);
            self::assertSame("{$near}-fuse", $found['fuse-breaking-capacity']);
        }
    }

    public function test_what_is_accepted_stands_last_with_its_reason(): void
    {
        $changes = ['/pinned/fan-1-fuse' => 'blade-40', '/pinned/fan-1-wire' => 'metric-2.5', '/control/coilFeed' => 'ignition'];
        $key = self::findings($changes)[0]->key();
        $findings = self::findings([...$changes, '/accepted' => [$key => ['reason' => 'A test rig, watched.', 'by' => 'R. Holt', 'on' => '2026-11-25']]]);
        $last = $findings[count($findings) - 1];

        self::assertSame($key, $last->key());
        self::assertSame('A test rig, watched.', $last->accepted?->reason);
        self::assertNull($findings[0]->accepted);
    }

    public function test_dangers_come_first(): void
    {
        $severities = array_map(
            static fn (Finding $finding): Severity => $finding->severity,
            self::findings(
                ['/fans/0/depthMm' => 80, '/control/coilFeed' => 'ignition', '/control/overrides/0/indicator' => true, '/runs/battery-to-fuse/lengthM' => 0.8],
            ),
        );

        self::assertSame([Severity::Danger, Severity::Danger, Severity::Warning], $severities);
    }

    public function test_no_remedy_is_offered_where_nothing_on_the_shelf_helps(): void
    {
        $findings = self::findings(['/fans/0/startA' => 400, '/supply/batteryMilliohm' => 1, '/pinned/fan-1-wire' => 'metric-35', '/pinned/fan-1-relay' => 'mini-40-12v']);

        self::assertSame('relay-over-inrush', $findings[0]->code);
        self::assertSame([], $findings[0]->remedies);
    }

    public function test_a_supply_side_switch_in_a_hose_needs_no_earth(): void
    {
        self::assertSame(
            [], self::codes(['/control/overrides/0/indicator' => true, '/control/stages/0/side' => 'supply', '/control/stages/0/decider/earthLead' => false]),
        );
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return list<Finding>
     */
    private static function findings(array $changes): array
    {
        return Findings::of(Orchard::sizing($changes));
    }

    /** A switch that carries its rated current loses a tenth of a volt (common practice, no source): a warning only where it carries more. */
    public function test_a_switch_within_its_rating_is_no_bad_contact(): void
    {
        $job = static fn (float $ratedA): array => [
            ...SoundJobs::job(12, [['runA' => 14, 'startA' => 42]], 2), '/control/overrides' => [], '/control/stages/0/side' => 'supply',
            '/control/stages/0/decider' => ['kind' => 'hand', 'isDirect' => true, 'ratedA' => $ratedA],
        ];

        self::assertNotContains('joint-drop', self::codes($job(16)));
        self::assertContains('joint-drop', self::codes($job(10)));
    }

    /** What a wire of the vehicle loses is judged where somebody has told how thick it is. */
    public function test_what_an_assumed_wire_loses_is_not_judged(): void
    {
        $fans = [[...Orchard::file()['fans'][0], 'runA' => 28, 'startA' => 84]];
        $job = [...Arrangements::changes('original-plug-low-high', [...Orchard::file(), 'fans' => $fans]), '/found/runs/relay-to-fan' => ['lengthM' => 4.0]];

        self::assertNotContains('drop-in-all', self::codes($job));
        self::assertContains('drop-in-all', self::codes([...$job, '/found/parts' => ['fan-1-wire' => ['areaMm2' => 2.5]]]));
    }

    /** Where only off is wrong only off is moved. */
    public function test_a_remedy_leaves_what_was_told_rightly(): void
    {
        $decider = [...Combination::deciders()['stepless'], 'onC' => 92, 'offC' => 70];
        foreach (Findings::of(Orchard::sizing(Combination::changes($decider, Combination::loads()['one fan']))) as $finding) {
            if ($finding->code === 'off-below-thermostat') {
                $changes = $finding->remedies[0]->changes->byPlace;
                self::assertSame(92.0, (float) $changes['/control/stages/0/decider/onC']);
                self::assertLessThanOrEqual(87.0, $changes['/control/stages/0/decider/offC']);

                return;
            }
        }
        self::fail('It was not found.');
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return list<string>
     */
    private static function codes(array $changes): array
    {
        return array_values(array_unique(array_map(static fn (Finding $finding): string => $finding->code, self::findings($changes))));
    }
}
