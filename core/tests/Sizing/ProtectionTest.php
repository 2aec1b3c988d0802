<?php

declare(strict_types=1);

namespace LampThread\Tests\Sizing;

use LampThread\Circuit\Wire;
use LampThread\Circuit\WireGroup;
use LampThread\Operation\Solver;
use LampThread\Parts\FuseGates;
use LampThread\Sizing\Adiabatic;
use LampThread\Sizing\Ampacity;
use LampThread\Sizing\Choice;
use LampThread\Sizing\Constraint;
use LampThread\Sizing\DropLadder;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Sizing\ProtectionPlot;
use LampThread\Sizing\Stall;
use LampThread\Sizing\StartSurges;
use LampThread\Sizing\WireSizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Fuses and the wires behind them: at rest, starting, overloaded, shorted. */
final class ProtectionTest extends TestCase
{
    /** IEC 60364-4-54, Table A.54.2 and 54.3: k of copper from 70 to 160 °C is 115, from 90 to 250 °C is 143. */
    #[TestWith([70.0, 160.0, 115.0])]
    #[TestWith([90.0, 250.0, 143.0])]
    public function test_k_is_the_published_one(float $fromC, float $toC, float $published): void
    {
        self::assertEqualsWithDelta($published, Adiabatic::k($fromC, $toC), 0.5);
    }

    /** 33 CFR 183.425 Table 5, note 2, from memory: 4 to 6 conductors 0.70, 7 to 24 0.60, 25 and more 0.50. */
    #[TestWith([3, 1.0])]
    #[TestWith([4, 0.7])]
    #[TestWith([6, 0.7])]
    #[TestWith([7, 0.6])]
    #[TestWith([24, 0.6])]
    #[TestWith([25, 0.5])]
    public function test_wires_that_lie_together_carry_less(int $bundle, float $published): void
    {
        $ampacity = new Ampacity(Orchard::shelf()->ampacityRows);

        self::assertEqualsWithDelta($published, $ampacity->at(2.5, 60, 105, $bundle) / $ampacity->at(2.5, 60, 105), 1e-12);
    }

    /** ISO 8820-3, -4, -5, from memory: at each gate the published times, between them never outside. */
    #[DataProvider('gates')]
    public function test_the_gates_are_the_published_ones(string $family, float $multiple, float $leastS, float $mostS): void
    {
        $gates = Orchard::shelf()->gates[$family];

        self::assertEqualsWithDelta($leastS, $gates->leastS($multiple), 1e-9 * $leastS);
        self::assertEqualsWithDelta($mostS, $gates->mostS($multiple), 1e-9 * $mostS);
        self::assertEqualsWithDelta($multiple, $gates->heldMultiple($leastS), 1e-9);
        self::assertLessThan($leastS, $gates->leastS($multiple * 1.05));
        self::assertLessThan($mostS, $gates->mostS($multiple * 1.05));
    }

    /** @return iterable<string, array{string, float, float, float}> */
    public static function gates(): iterable
    {
        foreach ([
            ['blade', 1.35, 0.75, 600], ['blade', 1.6, 0.25, 50], ['blade', 2.0, 0.15, 5], ['blade', 3.5, 0.04, 0.5], ['blade', 6.0, 0.02, 0.1],
            ['cartridge', 1.35, 60, 1800], ['cartridge', 2.0, 5, 60], ['cartridge', 3.5, 0.2, 7], ['cartridge', 6.0, 0.04, 1],
            ['bolt-down', 1.35, 120, 1800], ['bolt-down', 2.0, 1, 15], ['bolt-down', 3.5, 0.3, 5], ['bolt-down', 6.0, 0.1, 1],
        ] as [$family, $multiple, $leastS, $mostS]) {
            yield "{$family} at {$multiple} times" => [$family, $multiple, $leastS, $mostS];
        }
    }

    public function test_below_its_first_gate_a_fuse_holds_for_ever(): void
    {
        foreach (Orchard::shelf()->gates as $gates) {
            self::assertSame(INF, $gates->leastS(1.0));
            self::assertSame(INF, $gates->mostS(1.2));
            self::assertSame(1.1, $gates->heldMultiple(1e9));
        }
    }

    public function test_above_its_last_gate_the_melting_heat_stays_the_same(): void
    {
        $gates = new FuseGates('x', 'x', 'x', [['multiple' => 1.1, 'leastS' => 100.0, 'mostS' => null], ['multiple' => 6.0, 'leastS' => 0.02, 'mostS' => 0.1]], 1000.0);

        self::assertEqualsWithDelta(0.1 / 4, $gates->mostS(12.0), 1e-12);
        self::assertEqualsWithDelta(12.0, $gates->heldMultiple(0.005), 1e-9);
    }

    /** Common practice, no source: a fan of 15 to 16 A that starts at 40 to 50 A opens an aged fast 30 A fuse, not a slow one. */
    #[TestWith([15.0, 45.0])]
    #[TestWith([15.5, 46.0])]
    #[TestWith([16.0, 50.0])]
    public function test_a_strong_fan_opens_an_aged_fast_fuse_and_not_a_slow_one(float $runA, float $startA): void
    {
        $fan = ['/fans/0/runA' => $runA, '/fans/0/startA' => $startA];
        $fits = static fn (string $fuse): bool => Orchard::sizing([...$fan, '/pinned/fan-1-fuse' => $fuse])->choices['fan-1-fuse']->taken->fits();

        self::assertFalse($fits('blade-30'));
        self::assertTrue($fits('cartridge-30'));
    }

    /** A jammed fan is a resistance for ever: V/Ra behind the loop, least with the engine off. */
    public function test_a_jammed_fan_is_told_with_its_current_its_heat_and_when_its_fuse_opens(): void
    {
        $sizing = Orchard::sizing();
        $jammed = OperatingEnvelope::of($sizing->circuit, starting: true);
        $gates = Orchard::shelf()->gates['cartridge'];
        $stall = Stall::of('fan-1-fuse', 'fan-1:+', 'fan-1:-', 30, $gates, $jammed);
        self::assertNotNull($stall);
        $ohm = 13 / 46;

        self::assertEqualsWithDelta($stall->mostA ** 2 * $ohm, $stall->watts, 1);
        self::assertLessThan($stall->mostA, $stall->leastA);
        self::assertGreaterThan(35, $stall->leastA);
        self::assertLessThan(14.2 / $ohm, $stall->mostA);
        self::assertLessThan(1.35 * 30, $stall->leastA);
        self::assertNull($stall->latestS, 'below 135 % a fuse need not open');
        self::assertEqualsWithDelta($gates->leastS($stall->mostA / 30), $stall->soonestS, 1e-9);
        self::assertNull(Stall::of('coil-fuse', 'fan-1-relay:86', 'fan-1-relay:85', 3, $gates, $jammed), 'a coil does not jam');
    }

    /** A pair in series draws a quarter of what it draws in parallel: what it draws at high decides when its fuse opens. */
    public function test_a_jammed_pair_is_told_at_high(): void
    {
        $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['series and parallel']));
        $jammed = OperatingEnvelope::of($sizing->circuit, starting: true);
        $stall = Stall::of('fan-1-fuse', 'fan-1:+', 'fan-1:-', 15, Orchard::shelf()->gates['cartridge'], $jammed);
        self::assertNotNull($stall);

        self::assertGreaterThan($stall->mostA / 2, $stall->leastA);
    }

    /** Common practice, no source: a fuse raised from 30 to 40 A is flagged unless the wire carries it. */
    public function test_a_raised_fuse_needs_a_wire_that_carries_it(): void
    {
        $raised = ['/pinned/fan-1-fuse' => 'blade-40'];
        $thin = Orchard::sizing([...$raised, '/pinned/fan-1-wire' => 'metric-4'])->choices['fan-1-wire'];
        $thick = Orchard::sizing([...$raised, '/pinned/fan-1-wire' => 'metric-10'])->choices['fan-1-wire'];

        self::assertFalse(self::constraint($thin, 'fuse-rating')->isMet);
        self::assertTrue($thick->taken->fits());
    }

    /** A feed joined at the fan can carry the other feed's fault, so its wire must stand the larger fuse. */
    public function test_feeds_joined_at_a_fan_stand_each_others_fuses(): void
    {
        $joined = [
            ...Combination::changes(
                Combination::deciders()['hand'], Combination::loads()['one fan'], 'earth', Combination::airConditioning()['separate-relay'],
            ),
            '/pinned/fan-1-fuse' => 'blade-15', '/pinned/fan-1-air-conditioning-fuse' => 'bolt-50',
        ];
        $wire = Orchard::sizing($joined)->choices['fan-1-wire'];

        self::assertEqualsWithDelta(50.0 * (1 - 0.0015 * 35), self::constraint($wire, 'fuse-rating')->value, 1e-9);
        self::assertTrue(self::constraint($wire, 'fuse-rating')->formula()->params['isJoined']);
    }

    /** Ohm's law, worked by hand: 12.6 V behind 8 mΩ of battery, 1.7 mΩ of fuse, and the rest of the loop as the solved circuit has it. */
    public function test_the_short_is_what_the_loop_lets_through(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-fuse' => 'blade-30']);
        $solver = new Solver($sizing->circuit);
        $hot = $sizing->envelope->points[$sizing->envelope->hardest('fan-1')];
        $ohm = $solver->loopOhm($hot, 'fan-1:+', 'fan-1:-');
        $byHand = 0.008 + 0.0017 + 0.0008 + 0.002 + 0.0025 + 2 * 0.0008;
        foreach ($sizing->circuit->wiresOf($sizing->circuit->wireGroups['fan-1-wire']) as $wire) {
            $byHand += $wire->ohm();
        }

        self::assertEqualsWithDelta($byHand, $ohm, 0.0002);
        $plot = ProtectionPlot::of(
            $sizing->circuit->wireGroups['fan-1-wire'], $sizing->brief, $sizing->circuit, $sizing->envelope,
            OperatingEnvelope::of($sizing->circuit, starting: true),
            StartSurges::of($sizing->circuit, OperatingEnvelope::of($sizing->circuit, starting: true), ['fan-1-fuse']), $solver, Orchard::shelf(),
        );
        self::assertEqualsWithDelta(12.6 / $ohm, $plot->shortA, 2.0);
    }

    public function test_a_long_thin_loop_does_not_open_a_large_fuse(): void
    {
        $wire = Orchard::sizing(
            ['/runs/relay-to-fan/lengthM' => 40, '/pinned/fan-1-fuse' => 'bolt-80', '/pinned/fan-1-wire' => 'metric-2.5'],
        )->choices['fan-1-wire'];

        self::assertFalse(self::constraint($wire, 'opens-on-short')->isMet);
        self::assertFalse(self::constraint($wire, 'short-circuit')->isMet);
        self::assertFalse(self::constraint($wire, 'long-overload')->isMet);
    }

    public function test_the_ladder_loses_what_the_load_does_not_get(): void
    {
        foreach ([[], Orchard::AT_24V, Combination::changes(Combination::deciders()['hand'], Combination::loads()['two, a relay each'])] as $changes) {
            $sizing = Orchard::sizing($changes);
            foreach ($sizing->circuit->wireGroups as $group) {
                $ladder = DropLadder::of($group, $sizing->circuit, $sizing->envelope);
                self::assertNotNull($ladder);
                self::assertEqualsWithDelta($ladder->supplyV - $ladder->loadV, array_sum(array_column($ladder->rungs, 'volts')), 1e-6, $group->id);
            }
        }
    }

    /** What nothing leads back from has no ladder, though its plus is fed. */
    public function test_where_nothing_leads_back_there_is_no_ladder(): void
    {
        $sizing = Orchard::sizing();
        $group = $sizing->circuit->wireGroups['fan-1-wire'];

        self::assertNotNull(DropLadder::of($group, $sizing->circuit, $sizing->envelope));
        self::assertNull(DropLadder::of(
            new WireGroup($group->id, $group->name, $group->protectedBy, $group->loadFrom, 'nowhere:1'), $sizing->circuit, $sizing->envelope,
        ));
    }

    /** The curve of a feed: the band of ISO 8820-3 at the multiples it is published for, the weakest wire's ampacity, copper by I²t. */
    public function test_the_curve_of_a_feed_is_drawn_from_what_is_published(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-fuse' => 'blade-20', '/runs/fan-to-earth/conductor' => 'metric-2.5']);
        $group = $sizing->circuit->wireGroups['fan-1-wire'];
        $starting = OperatingEnvelope::of($sizing->circuit, starting: true);
        $plot = ProtectionPlot::of(
            $group, $sizing->brief, $sizing->circuit, $sizing->envelope, $starting, StartSurges::of($sizing->circuit, $starting, ['fan-1-fuse']),
            new Solver($sizing->circuit), Orchard::shelf(),
        );
        $at = array_column($plot->band, null, 'ampere');

        foreach ([[1.35, 0.75, 600.0], [1.6, 0.25, 50.0], [2.0, 0.15, 5.0], [3.5, 0.04, 0.5], [6.0, 0.02, 0.1]] as [$multiple, $leastS, $mostS]) {
            $point = array_values(array_filter($at, static fn (array $one): bool => abs($one['ampere'] - 20 * $multiple) < 1e-9))[0] ?? null;
            self::assertEqualsWithDelta([$leastS, $mostS], [$point['leastS'] ?? null, $point['mostS'] ?? null], 1e-9, (string) $multiple);
        }
        $wires = $sizing->circuit->wiresOf($group);
        $wiresSizing = new WireSizing(Orchard::shelf(), new Ampacity(Orchard::shelf()->ampacityRows), $sizing->brief);
        $ampacities = array_map(static fn (Wire $wire): float => $wiresSizing->ampacityA($wire, $wire->conductor), $wires);
        sort($ampacities);
        self::assertEqualsWithDelta($ampacities[0], $plot->ampacityA, 1e-9);
        self::assertLessThan($ampacities[count($ampacities) - 1], $plot->ampacityA, 'the thin return is the weakest');
        foreach ($plot->withstand as $one) {
            self::assertEqualsWithDelta($plot->withstand[0]['ampere'] ** 2 * $plot->withstand[0]['second'], $one['ampere'] ** 2 * $one['second'], 1e-3);
        }
        // IEC 60364-5-54: no heat is lost for up to five seconds. Half a decade apart a straight line on the paper is read well.
        $seconds = array_column($plot->withstand, 'second');
        self::assertSame([0.01, 5.0], [$seconds[0], $seconds[count($seconds) - 1]]);
        foreach (array_slice($seconds, 1) as $at => $second) {
            self::assertLessThan(4.0, $second / $seconds[$at]);
        }
    }

    private static function constraint(Choice $choice, string $name): Constraint
    {
        foreach ($choice->taken->constraints as $constraint) {
            if ($constraint->code === $name) {
                return $constraint;
            }
        }

        self::fail("{$choice->id} is not judged by ‘{$name}’.");
    }
}
