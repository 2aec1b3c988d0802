<?php

declare(strict_types=1);

namespace LampThread\Tests\Scenario;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Wire;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\SeriesChains;
use LampThread\Operation\Solver;
use LampThread\Scenario\FaultsWithoutEffect;
use LampThread\Scenario\Limits;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What burns, what opens, what lies in a chain, and what changes nothing. */
final class LimitsTest extends TestCase
{
    public function test_a_sound_circuit_is_over_nothing_in_any_state(): void
    {
        $sizing = Orchard::sizing();
        foreach ($sizing->envelope->points as $point) {
            self::assertNull(self::limits($sizing)->over($point));
            self::assertNull(self::limits($sizing)->overloadedFuse($point));
            self::assertNull(self::limits($sizing)->opens($point));
        }
    }

    public function test_a_short_opens_the_fuse_before_it_as_soon_as_its_gates_say(): void
    {
        $sizing = Orchard::sizing();
        $shorted = self::point($sizing, ['fan-1' => FaultKind::Short]);
        $opens = self::limits($sizing)->opens($shorted);

        self::assertNotNull($opens);
        self::assertSame('fan-1-fuse', $opens[0]);
        $fuse = $sizing->choices['fan-1-fuse']->taken->part;
        self::assertInstanceOf(\LampThread\Parts\FusePart::class, $fuse);
        self::assertEqualsWithDelta($fuse->gates->mostS(abs($shorted->currentA('fan-1-fuse')) / $fuse->ratedA), $opens[1], 1e-12);
    }

    public function test_a_thin_wire_is_what_is_over(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-wire' => 'metric-0.75']);
        $over = self::limits($sizing)->over(self::point($sizing, []));

        self::assertNotNull($over);
        self::assertStringStartsWith('W', $over);
    }

    public function test_only_what_a_fault_overloads_burns(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-wire' => 'metric-0.75']);
        $sound = self::point($sizing, []);

        self::assertNull(self::limits($sizing)->burns($sound, $sound));
        $jammed = self::point($sizing, ['fan-1' => FaultKind::Jammed]);
        self::assertGreaterThan(20.0, self::limits($sizing)->burns($jammed, $sound)[1] ?? 0.0);
    }

    /**
     * A chafed feed before its fuse burns when I²t has passed k²S² (IEC 60949, k = 226 √ln((234.5 + θf)/(234.5 + θi)), from memory), the insulation
     * 90 K above its rating at the end (70 to 160 °C for PVC, IEC 60364-4-54, from memory).
     */
    #[TestWith(['metric-2.5'])]
    #[TestWith(['metric-6'])]
    public function test_a_shorted_wire_burns_when_its_heat_is_more_than_copper_and_insulation_stand(string $cable): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-wire' => $cable]);
        $wire = array_column($sizing->circuit->wires, null, 'id')['W2'];
        $sound = self::point($sizing, []);
        $chafed = self::point($sizing, ['W2' => FaultKind::Chafed]);
        $fromC = min($sizing->brief->wiring->insulationC, $wire->conductorC);
        $toC = $sizing->brief->wiring->insulationC + 90.0;
        $standsS = (226 * $wire->conductor->areaMm2 / abs($chafed->currentA('W2'))) ** 2 * log((234.5 + $toC) / (234.5 + $fromC));

        self::assertNull(self::limits($sizing)->burnsWithin(0.99 * $standsS, $chafed, $sound));
        self::assertSame('W2', self::limits($sizing)->burnsWithin(1.01 * $standsS, $chafed, $sound)[0] ?? null);
    }

    /** Of all wires behind a fuse the thinnest, in the warmest place, is the first that a larger fuse no longer protects. */
    #[TestWith(['fuse-to-relay', 'W3'])]
    #[TestWith(['fan-to-earth', 'W5'])]
    public function test_behind_the_next_larger_fuse_the_weakest_wire_is_named(string $thin, string $wire): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-fuse' => 'blade-20', '/pinned/fan-1-wire' => 'metric-2.5', "/runs/{$thin}/conductor" => 'metric-1']);

        self::assertSame([$wire, 25.0], self::limits($sizing)->burnsBehindNextUp('fan-1-fuse'));
    }

    public function test_a_fuse_that_carries_more_than_its_rating_is_named(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-fuse' => 'blade-7.5']);

        self::assertSame('fan-1-fuse', self::limits($sizing)->overloadedFuse(self::point($sizing, [])));
    }

    /**
     * However long it lasts, an overloaded wire is not burnt as long as its insulation stays within 50 K above its rating (thermal overload of ISO
     * 6722-1, from memory): heat goes with the square of the current, from the ambient up.
     */
    #[TestWith([0.99, false])]
    #[TestWith([1.01, true])]
    public function test_an_overload_within_what_insulation_stands_for_moments_burns_nothing(float $share, bool $burns): void
    {
        $sizing = self::thin();
        $ratedC = $sizing->brief->wiring->insulationC;
        $standsA = min(INF, ...array_map(static fn (Wire $wire): float => $sizing->ampacity->ofWire($wire, $wire->conductor, $ratedC)
            * sqrt(($ratedC + 50 - $wire->segment->ambientC) / ($ratedC - $wire->segment->ambientC)), $sizing->circuit->wiresOf($sizing->circuit->wireGroups['fan-1-wire'])));
        $idle = (new Solver($sizing->circuit))->settle(new OperatingConditions(Key::Run, 850, 20));

        self::assertSame($burns, self::limits($sizing)->burnsWithin(1e6, self::carrying($sizing, $share * $standsA), $idle) !== null);
    }

    /** What lies before the fuse is not protected by it, so that no larger one makes it worse. */
    public function test_a_thin_wire_before_the_fuse_is_not_the_weakest_behind_it(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-fuse' => 'blade-20', '/pinned/fan-1-wire' => 'metric-6', '/runs/battery-to-fuse/conductor' => 'metric-1']);

        self::assertNull(self::limits($sizing)->burnsBehindNextUp('fan-1-fuse'));
    }

    /** A wire that was overloaded before is not burnt by a fault that adds less than a twentieth. Common practice, no source. */
    #[TestWith([1.04, false])]
    #[TestWith([1.06, true])]
    public function test_what_was_overloaded_before_is_blamed_only_when_it_carries_a_twentieth_more(float $more, bool $isBlamed): void
    {
        $sizing = self::thin();
        $sound = self::point($sizing, []);
        $after = self::carrying($sizing, $more * abs($sound->currentA('W3')));

        self::assertSame($isBlamed, self::limits($sizing)->burns($after, $sound) !== null);
        self::assertSame($isBlamed, self::limits($sizing)->burnsWithin(3600.0, $after, $sound) !== null);
    }

    /** A fan of 50 A on short wires that are much too thin. */
    private static function thin(): Sizing
    {
        return Orchard::sizing([
            '/pinned/fan-1-wire' => 'metric-0.75', '/fans/0/runA' => 50, '/fans/0/startA' => 150,
            ...array_fill_keys(['/runs/fuse-to-relay', '/runs/relay-to-fan', '/runs/fan-to-earth'], ['lengthM' => 0.1]),
        ]);
    }

    /** The fan at work, drawing so many times what it should that its feed carries a current; what it takes more loses more on the feed. */
    private static function carrying(Sizing $sizing, float $ampere): OperatingPoint
    {
        $solver = new Solver($sizing->circuit);
        $sound = self::point($sizing, []);
        $drawing = static fn (float $times): OperatingPoint => $solver->settle($sound->conditions->withFaults(new Faults(draws: ['fan-1' => $times])));
        [$low, $high] = [0.2, 2.0];
        for ($step = 0; $step < 40; $step++) {
            $middle = ($low + $high) / 2;
            [$low, $high] = abs($drawing($middle)->currentA('W3')) < $ampere ? [$middle, $high] : [$low, $middle];
        }

        return $drawing($high);
    }

    /** Whichever of a chain is opened, every current elsewhere is the same. */
    public function test_of_a_chain_one_stands_for_all(): void
    {
        $sizing = Orchard::sizing();
        $sound = self::point($sizing, []);
        $chains = SeriesChains::of($sound);
        $solver = new Solver($sizing->circuit);
        $feed = $chains->chain('fan-1-fuse');
        $of = array_values(array_filter(['W2', 'W3', 'W4', 'W5', 'fan-1-fuse'], static fn (string $part): bool => $chains->chain($part) === $feed));

        self::assertGreaterThan(2, count($of));
        self::assertNotSame($feed, $chains->chain('W7'));
        self::assertSame('battery', $chains->chain('battery'));
        foreach ([FaultKind::Open, FaultKind::HighResistance] as $kind) {
            $points = array_map(
                static fn (string $part): OperatingPoint => $solver->breakIn($sound, $sound->conditions->withFaults($sizing->circuit->broken([$part => $kind]))), $of,
            );
            foreach ($points as $point) {
                self::assertEqualsWithDelta($points[0]->currentA('fan-1'), $point->currentA('fan-1'), 1e-6);
                self::assertEqualsWithDelta($points[0]->voltages->at('battery:+'), $point->voltages->at('battery:+'), 1e-6);
            }
        }
    }

    #[TestWith(['fan-1-fuse', FaultKind::Open, true, false])]
    #[TestWith(['W3', FaultKind::HighResistance, true, false])]
    #[TestWith(['W4', FaultKind::Chafed, true, false])]
    #[TestWith(['fan-1', FaultKind::Short, true, false])]
    #[TestWith(['fan-1', FaultKind::Jammed, true, false])]
    #[TestWith(['fan-1-relay', FaultKind::StuckOff, true, false])]
    #[TestWith(['fan-1-relay', FaultKind::StuckOn, false, true])]
    #[TestWith(['stage-1-switch', FaultKind::StuckOn, false, true])]
    #[TestWith(['stage-1-switch', FaultKind::Drifted, true, false])]
    #[TestWith(['fan-1-relay', FaultKind::Exchanged85And86, false, false])]
    #[TestWith(['fan-1-plug', FaultKind::LeakToEarth, false, false])]
    #[TestWith(['override', FaultKind::Short, false, false])]
    #[TestWith(['override', FaultKind::Open, true, true])]
    public function test_what_can_change_nothing(string $part, FaultKind $kind, bool $cold, bool $hot): void
    {
        $sizing = Orchard::sizing();
        $changeless = new FaultsWithoutEffect($sizing->circuit);
        $fault = $sizing->circuit->part($part)?->fault($kind) ?? throw new \LogicException($part);
        $at = static fn (float $coolantC): OperatingPoint => (new Solver($sizing->circuit))->settle(new OperatingConditions(Key::Run, 850, $coolantC));

        self::assertSame($cold, $changeless->includes($part, $fault, $at(20)), 'cold');
        self::assertSame($hot, $changeless->includes($part, $fault, $at(96)), 'hot');
    }

    /** @param  array<string, FaultKind>  $faults */
    private static function point(Sizing $sizing, array $faults): OperatingPoint
    {
        return (new Solver($sizing->circuit))->settle((new OperatingConditions(Key::Run, 850, 110))->withFaults($sizing->circuit->broken($faults)));
    }

    private static function limits(Sizing $sizing): Limits
    {
        return new Limits($sizing->circuit, $sizing->brief, Orchard::shelf());
    }
}
