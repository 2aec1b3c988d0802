<?php

declare(strict_types=1);

namespace LampThread\Tests\Sizing;

use LampThread\Brief\Assumptions;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Wire;
use LampThread\Exchange\Arrangements;
use LampThread\Exchange\ThreadsSvg;
use LampThread\Exchange\Wording;
use LampThread\Loom\Loom;
use LampThread\Loom\PartRow;
use LampThread\Loom\WireRow;
use LampThread\Operation\Solver;
use LampThread\Parts\Conductor;
use LampThread\Parts\FusePart;
use LampThread\Parts\RelayPart;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Proof\Findings;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What someone who has wired fans for twenty years accepts without a word. Common practice, no source. */
final class PracticeTest extends TestCase
{
    /**
     * System, A running, A starting, m one way; mm², fuse and relay from and to.
     *
     * @return iterable<string, array{int, float, float, float, array{float, float}, array{float, float}, array{float, float}}>
     */
    public static function singleFans(): iterable
    {
        yield '12 V, 2 A' => [12, 2, 6, 1.5, [0.5, 1], [3, 5], [10, 20]];
        yield '12 V, 4 A' => [12, 4, 12, 2, [0.75, 1.5], [5, 10], [10, 20]];
        yield '12 V, 7 A' => [12, 7, 21, 2.5, [1, 2.5], [10, 15], [15, 30]];
        yield '12 V, 9 A, near' => [12, 9, 27, 1.5, [1, 2.5], [15, 20], [20, 30]];
        yield '12 V, 9 A, far' => [12, 9, 27, 5, [2.5, 6], [15, 20], [20, 30]];
        yield '12 V, 12 A, near' => [12, 12, 36, 1.5, [1.5, 4], [20, 30], [20, 40]];
        yield '12 V, 12 A, far' => [12, 12, 36, 4, [2.5, 6], [20, 30], [20, 40]];
        yield '12 V, 16 A, near' => [12, 16, 48, 2, [2.5, 6], [25, 30], [30, 40]];
        yield '12 V, 16 A, far' => [12, 16, 48, 5, [4, 10], [25, 30], [30, 40]];
        yield '12 V, 20 A' => [12, 20, 60, 2, [4, 10], [30, 40], [40, 70]];
        yield '12 V, 25 A, near' => [12, 25, 75, 2, [4, 10], [40, 40], [40, 70]];
        yield '12 V, 25 A, battery in the boot' => [12, 25, 75, 6, [10, 16], [40, 40], [40, 70]];
        yield '12 V, 30 A' => [12, 30, 90, 3, [6, 16], [50, 50], [70, 70]];
        yield '24 V, 8 A' => [24, 8, 24, 3, [0.75, 2.5], [10, 15], [10, 20]];
        yield '24 V, 15 A' => [24, 15, 45, 5, [1.5, 6], [20, 30], [20, 30]];
        yield '6 V, 6 A' => [6, 6, 18, 2, [1.5, 4], [10, 15], [20, 30]];
        yield '6 V, 12 A' => [6, 12, 36, 3, [6, 10], [20, 25], [30, 40]];
    }

    /**
     * @param  array{float, float}  $mm2
     * @param  array{float, float}  $fuseA
     * @param  array{float, float}  $relayA
     */
    #[DataProvider('singleFans')]
    public function test_one_fan_is_wired_as_an_installer_would(int $systemV, float $runA, float $startA, float $lengthM, array $mm2, array $fuseA, array $relayA): void
    {
        $sizing = Orchard::sizing(SoundJobs::job($systemV, [['runA' => $runA, 'startA' => $startA]], $lengthM));

        $this->isWithin($mm2, $this->areaMm2($sizing, 'fan-1-wire'), 'wire');
        $this->isWithin($fuseA, $this->fuseA($sizing, 'fan-1-fuse'), 'fuse');
        $this->isWithin($relayA, $this->relayA($sizing, 'fan-1-relay'), 'relay');
        self::assertGreaterThanOrEqual($this->fuseA($sizing, 'fan-1-fuse'), $this->relayA($sizing, 'fan-1-relay'), 'a relay is not below its fuse');
        $this->isWithin([0.5, 1.5], $this->areaMm2($sizing, 'trigger-wire'), 'trigger wire');
        $this->isWithin([3, 10], $this->fuseA($sizing, 'coil-fuse'), 'coil fuse');
        self::assertSame([], $this->aloud($sizing), 'a sound job is quiet');
    }

    public function test_two_fans_on_one_stepless_controller(): void
    {
        $stepless = Combination::deciders()['stepless'];
        $sizing = Orchard::sizing([
            ...SoundJobs::job(12, [['runA' => 12, 'startA' => 36], ['runA' => 12, 'startA' => 36]], 2),
            '/control/stages/0/decider' => $stepless, '/control/overrides' => [],
            '/runs/relay-to-fan' => ['lengthM' => 0.4], '/runs/fan-to-earth' => ['lengthM' => 0.4], '/runs/fuse-to-relay' => ['lengthM' => 1.85],
        ]);

        $this->isWithin([30, 40], $this->fuseA($sizing, 'fan-1-fuse'), 'fuse');
        $this->isWithin([4, 10], $this->areaMm2($sizing, 'fan-1-wire'), 'trunk');
        $this->isWithin([4, 10], $this->areaMm2($sizing, 'fan-1-branch'), 'branch');
        self::assertSame($this->areaMm2($sizing, 'fan-1-branch'), $this->areaMm2($sizing, 'fan-2-branch'), 'equal fans have equal wire');
    }

    public function test_two_fans_on_one_relay(): void
    {
        $sizing = Orchard::sizing([
            ...SoundJobs::job(12, [['runA' => 15, 'startA' => 45], ['runA' => 15, 'startA' => 45]], 2), '/control/stages/0/sharesRelay' => true,
        ]);

        $this->isWithin([40, 50], $this->fuseA($sizing, 'fan-1-fuse'), 'fuse');
        $this->isWithin([6, 16], $this->areaMm2($sizing, 'fan-1-wire'), 'trunk');
        $this->isWithin([4, 16], $this->areaMm2($sizing, 'fan-2-branch'), 'branch');
        $this->isWithin([40, 70], $this->relayA($sizing, 'fan-1-relay'), 'relay');
        self::assertGreaterThanOrEqual($this->fuseA($sizing, 'fan-1-fuse'), $this->relayA($sizing, 'fan-1-relay'));
        $drop = $sizing->brief->wiring->dropLimitPercent;
        self::assertLessThanOrEqual($drop, $this->wiresPercent($sizing, ['fan-1-wire', 'fan-1-branch']), 'trunk and branch together');
    }

    public function test_a_pair_in_series_and_in_parallel(): void
    {
        $job = SoundJobs::job(12, [['runA' => 14, 'startA' => 42], ['runA' => 14, 'startA' => 42]], 2);
        $sizing = Orchard::sizing([...$job, ...array_intersect_key(
            Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['series and parallel'], more: ['earth' => 'battery']), ['/control' => 1],
        )]);

        foreach (['fan-1', 'fan-2'] as $fan) {
            $this->isWithin([30, 30], $this->fuseA($sizing, "{$fan}-fuse"), 'fuse');
            $this->isWithin([2.5, 6], $this->areaMm2($sizing, "{$fan}-wire"), 'wire');
        }
        $this->isWithin([30, 40], $this->relayA($sizing, 'series-relay'), 'relay');
        self::assertSame($this->areaMm2($sizing, 'fan-1-wire'), $this->areaMm2($sizing, 'fan-2-wire'));
    }

    public function test_equal_fans_on_equal_ways_are_wired_alike(): void
    {
        $fans = array_fill(0, 4, ['runA' => 9, 'startA' => 27]);
        $sizing = Orchard::sizing(SoundJobs::job(12, $fans, 3));
        $sizes = array_map(fn (int $fan): float => $this->areaMm2($sizing, "fan-{$fan}-wire"), range(1, 4));

        self::assertCount(1, array_unique($sizes), implode(', ', $sizes));
    }

    /** The fan of a switch that hangs in a hose without an earth never runs; it is wired as though it did, and the cause is said first. */
    public function test_a_circuit_that_never_closes_is_sized_as_though_it_did(): void
    {
        $sound = Orchard::sizing();
        $open = Orchard::sizing(['/control/stages/0/decider/earthLead' => false]);

        foreach (['fan-1-fuse', 'fan-1-relay', 'fan-1-wire'] as $id) {
            self::assertSame($sound->choices[$id]->taken->part->id(), $open->choices[$id]->taken->part->id(), $id);
        }
        self::assertSame(['hose-adapter-no-earth'], $this->aloud($open));
    }

    /** @param  array<string, mixed>  $changes */
    #[TestWith([['/wiring/insulationC' => 85, '/runs/relay-to-fan' => ['lengthM' => 1, 'ambientC' => 85]], 'fan-1-wire'])]
    #[TestWith([['/wiring/insulationC' => 105, '/runs/relay-to-fan' => ['lengthM' => 1, 'ambientC' => 120]], 'fan-1-wire'])]
    #[TestWith([['/fans/0/runA' => 90, '/fans/0/startA' => 270], 'fan-1-relay'])]
    public function test_where_nothing_fits_nothing_is_cut_or_bought(array $changes, string $id): void
    {
        $sizing = Orchard::sizing($changes);
        $loom = Loom::of($sizing, Orchard::shelf());

        self::assertFalse($sizing->choices[$id]->isMade());
        self::assertContains('nothing-fits', $this->aloud($sizing));
        foreach ($loom->wires as $wire) {
            if ($wire->group === $id) {
                self::assertSame([WireRow::NO_SIZE, 0.0, WireRow::NO_SIZE], [$wire->size, $wire->areaMm2, $wire->fromTerminal]);
            }
        }
        $bought = implode("\n", array_map(static fn (PartRow $row): string => Orchard::english($row->part), $loom->parts));
        self::assertStringNotContainsString(Orchard::english($sizing->choices[$id]->taken->part->label()).' and base', $bought);
        self::assertStringNotContainsString(' — ', $bought);
        // Nobody with the pliers reads a size of it anywhere.
        $size = Orchard::english($sizing->choices[$id]->taken->part->label());
        foreach ($loom->steps as $step) {
            foreach ($step->items as $does) {
                self::assertStringNotContainsString($size, Orchard::english($does));
            }
        }
        self::assertStringNotContainsString("{$size},", ThreadsSvg::of($sizing, Wording::english()));
    }

    /** Where a place is as hot as the insulation stands, it is the place that decides, and not how much copper there is. */
    #[TestWith([120, null])]
    #[TestWith([121, 'hot-place'])]
    public function test_a_place_too_hot_for_the_insulation_is_named(float $ambientC, ?string $deciding): void
    {
        $choice = Orchard::sizing(['/wiring/insulationC' => 125, '/runs/relay-to-fan' => ['lengthM' => 1, 'ambientC' => $ambientC]])->choices['fan-1-wire'];

        self::assertSame($deciding, $choice->isMade() ? null : $choice->taken->deciding()->code);
    }

    public function test_a_wire_behind_a_fuse_that_is_not_to_be_had_is_no_finding_of_its_own(): void
    {
        $sizing = Orchard::sizing(['/fans/0/runA' => 115, '/fans/0/startA' => 450]);
        $nothing = array_filter(Findings::of($sizing), static fn (Finding $finding): bool => $finding->code === 'nothing-fits');

        self::assertSame(['fan-1-fuse'], array_values(array_map(static fn (Finding $finding): string => $finding->subject, $nothing)));
    }

    /** A trunk feeds what branches off it: two fans on one relay far from it, in each catalogue. */
    #[TestWith(['metric', 9, 0.5, 2.1])]
    #[TestWith(['awg', 27, 0.2, 2.2])]
    #[TestWith(['sae', 20, 4.3, 1.9])]
    #[TestWith(['sae', 9, 1.8, 4.7])]
    public function test_no_branch_is_thicker_than_its_trunk(string $catalogue, float $runA, float $toFanM, float $toEarthM): void
    {
        $fan = ['runA' => $runA, 'startA' => 3 * $runA];
        $sizing = Orchard::sizing([
            ...SoundJobs::job(12, [$fan, $fan], 2), '/control/stages/0/sharesRelay' => true, '/wiring/catalogue' => $catalogue,
            '/runs/relay-to-fan' => ['lengthM' => $toFanM], '/runs/fan-to-earth' => ['lengthM' => $toEarthM],
        ]);

        foreach (['fan-1-branch', 'fan-2-branch'] as $branch) {
            self::assertTrue($sizing->choices[$branch]->taken->fits(), $branch);
            self::assertLessThanOrEqual($this->areaMm2($sizing, 'fan-1-wire'), $this->areaMm2($sizing, $branch));
        }
    }

    public function test_a_branch_pinned_thicker_than_its_trunk_is_a_finding(): void
    {
        $job = [...SoundJobs::all()['12 V, two 12 A on one relay'], '/pinned' => ['fan-1-wire' => 'metric-10', 'fan-1-branch' => 'metric-16']];

        self::assertContains('branch-over-trunk', $this->aloud(Orchard::sizing($job)));
        self::assertNotContains('branch-over-trunk', $this->aloud(Orchard::sizing([...$job, '/pinned' => ['fan-1-wire' => 'metric-10', 'fan-1-branch' => 'metric-10']])));
    }

    /** Low, automatic, high between plug and fan is bought for fans of 20 to 35 A. Common practice, no source. */
    #[TestWith([8])]
    #[TestWith([18])]
    #[TestWith([25])]
    #[TestWith([35])]
    public function test_low_and_high_between_plug_and_fan_is_to_be_had(float $runA): void
    {
        $fans = [[...Orchard::file()['fans'][0], 'runA' => $runA, 'startA' => 3 * $runA]];
        $sizing = Orchard::sizing(Arrangements::changes('original-plug-low-high', [...Orchard::file(), 'fans' => $fans])->byPlace);

        foreach ($sizing->choices as $choice) {
            self::assertTrue($choice->taken->fits(), $choice->id);
        }
    }

    /** @param  list<string>  $groups */
    private function wiresPercent(Sizing $sizing, array $groups): float
    {
        $point = (new Solver($sizing->circuit))->settle(new OperatingConditions(Key::Run, Assumptions::CHARGING_RPM, 110));
        $lostV = 0.0;
        foreach ($groups as $group) {
            foreach ($sizing->circuit->wiresOf($sizing->circuit->wireGroups[$group]) as $wire) {
                $lostV += abs($point->currentA($wire->id)) * ($wire->ohm() - Wire::CRIMPS_OHM);
            }
        }

        return 100 * $lostV / $point->voltages->at('battery:+');
    }

    /** @return list<string> codes of what is said of it */
    private function aloud(Sizing $sizing): array
    {
        return array_values(array_map(
            static fn (Finding $finding): string => $finding->code,
            array_filter(Findings::of($sizing), static fn (Finding $finding): bool => $finding->severity !== Severity::Note),
        ));
    }

    /** @param  array{float, float}  $range */
    private function isWithin(array $range, float $value, string $what): void
    {
        self::assertTrue($range[0] <= $value && $value <= $range[1], "{$what}: {$value}, wanted {$range[0]} to {$range[1]}");
    }

    private function areaMm2(Sizing $sizing, string $group): float
    {
        $part = $sizing->choices[$group]->taken->part;

        return $part instanceof Conductor ? $part->areaMm2 : NAN;
    }

    private function fuseA(Sizing $sizing, string $fuse): float
    {
        $part = $sizing->choices[$fuse]->taken->part;

        return $part instanceof FusePart ? $part->ratedA : NAN;
    }

    private function relayA(Sizing $sizing, string $relay): float
    {
        $part = $sizing->choices[$relay]->taken->part;

        return $part instanceof RelayPart ? $part->makeA : NAN;
    }
}
