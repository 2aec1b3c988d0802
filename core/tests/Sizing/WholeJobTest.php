<?php

declare(strict_types=1);

namespace LampThread\Tests\Sizing;

use LampThread\Circuit\Component\FixedResistor;
use LampThread\Message\Unit;
use LampThread\Parts\RelayPart;
use LampThread\Sizing\Candidate;
use LampThread\Sizing\Choice;
use LampThread\Sizing\Constraint;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Sizing\RelayTypes;
use LampThread\Sizing\StartDip;
use LampThread\Sizing\SupplyBalance;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\TestCase;

/** What is judged over the job as a whole: relay types, what was given, the supply. */
final class WholeJobTest extends TestCase
{
    public function test_relays_are_the_cheapest_with_one_spare_of_each_type(): void
    {
        $micro = self::relay('micro', 4.0);
        $mini = self::relay('mini', 5.0);
        $power = self::relay('power', 9.0);
        $either = [self::candidate($micro, true), self::candidate($mini, true), self::candidate($power, true)];
        $strong = [self::candidate($micro, false), self::candidate($mini, true), self::candidate($power, true)];
        $strongest = [self::candidate($micro, false), self::candidate($mini, false), self::candidate($power, true)];

        self::assertSame(['a' => 'micro'], RelayTypes::cheapest(['a' => $either]));
        // 5 + 5 and a spare of 5 is less than 4 + 5 and spares of 4 and 5.
        self::assertSame(['a' => 'mini', 'b' => 'mini'], RelayTypes::cheapest(['a' => $either, 'b' => $strong]));
        // Three of 9 and a spare are more than 4 + 4 + 9 and spares of 4 and 9.
        self::assertSame(['a' => 'micro', 'b' => 'micro', 'c' => 'power'], RelayTypes::cheapest(['a' => $either, 'b' => $either, 'c' => $strongest]));
    }

    /** Every assignment tried one by one costs no less. */
    public function test_no_other_assignment_of_relays_is_cheaper(): void
    {
        $prices = ['a' => 3.0, 'b' => 4.0, 'c' => 4.5, 'd' => 7.0];
        $fits = ['k1' => ['a', 'b', 'd'], 'k2' => ['b', 'c', 'd'], 'k3' => ['c', 'd'], 'k4' => ['a', 'c']];
        $cost = static fn (array $taken): float => (float) array_sum(array_map(
            static fn (string $type): float => $prices[$type],
            [...array_values($taken), ...array_values(array_unique($taken))],
        ));
        $least = INF;
        foreach ($fits['k1'] as $one) {
            foreach ($fits['k2'] as $two) {
                foreach ($fits['k3'] as $three) {
                    foreach ($fits['k4'] as $four) {
                        $least = min($least, $cost([$one, $two, $three, $four]));
                    }
                }
            }
        }
        $candidates = array_map(static fn (array $fitting): array => array_map(
            static fn (string $type): Candidate => self::candidate(self::relay($type, $prices[$type]), in_array($type, $fitting, true)),
            array_keys($prices),
        ), $fits);

        self::assertSame($least, $cost(RelayTypes::cheapest($candidates)));
    }

    public function test_a_relay_that_is_not_the_smallest_says_why(): void
    {
        $choices = Orchard::sizing(Combination::changes(Combination::deciders()['hand'], Combination::loads()['series and parallel']))->choices;

        self::assertSame($choices['series-relay']->taken->part->id(), $choices['low-relay']->taken->part->id());
        self::assertSame('choice.one-type-for-all', $choices['low-relay']->because?->code);
        $smallest = array_values(array_filter($choices['low-relay']->candidates, static fn (Candidate $one): bool => $one->fits()))[0];
        self::assertStringContainsString(Orchard::english($smallest->label()), Orchard::english($choices['low-relay']->because));
        self::assertNull($choices['series-relay']->because);
    }

    public function test_a_narrow_gap_wears_the_relay_sooner(): void
    {
        $years = static fn (float $offC): float => self::constraint(
            Orchard::sizing(['/control/stages/0/decider/offC' => $offC])->choices['fan-1-relay'], 'life',
        )->limit;

        self::assertGreaterThan(2 * $years(90.5), $years(86.5));
        $counted = Orchard::sizing(['/usage' => ['startsPerHour' => 25, 'hoursPerYear' => 400]])->choices['fan-1-relay'];
        self::assertEqualsWithDelta(10.0, self::constraint($counted, 'life')->limit, 1e-9);
    }

    public function test_a_relay_with_a_diode_has_its_positive_at_86(): void
    {
        foreach (['earth', 'supply'] as $side) {
            $sizing = Orchard::sizing([
                '/control/stages/0/side' => $side,
                '/pinned/fan-1-relay' => 'mini-40-12v-diode',
            ]);
            self::assertTrue(self::constraint($sizing->choices['fan-1-relay'], 'coil-polarity')->isMet);
        }
    }

    public function test_a_dropping_resistor_is_rated_twice_its_heat(): void
    {
        $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['hand'], Combination::loads()['dropping resistor']));
        $heat = self::constraint($sizing->choices['low-resistor'], 'heat');
        $resistor = $sizing->circuit->components['low-resistor'];
        self::assertInstanceOf(FixedResistor::class, $resistor);

        // Joule's law, P = I²R.
        self::assertEqualsWithDelta($sizing->envelope->greatestA('low-resistor') ** 2 * $resistor->ohm, $heat->value, 1e-9);
        self::assertEquals(Unit::Watt->of(2 * $heat->limit), $sizing->choices['low-resistor']->taken->label()->params['rated']);
    }

    public function test_a_switch_of_the_second_stage_is_found_at_the_second_stage(): void
    {
        $choices = Orchard::sizing(Combination::changes(Combination::deciders()['capillary'], Combination::loads()['two at two temperatures']))->choices;

        self::assertSame('/control/stages/1/decider/ratedA', $choices['stage-2-switch']->briefPath);
    }

    public function test_the_idle_balance_closes(): void
    {
        $sizing = Orchard::sizing();
        $balance = SupplyBalance::of($sizing->brief, $sizing->circuit);
        $drawnA = array_sum(array_column($balance->draws, 'ampere'));

        self::assertEqualsWithDelta($balance->givesA - $balance->balanceA, $drawnA, 1e-6);
        self::assertNull($balance->hoursLeft);
    }

    /** Common practice, no source: with one fan on at idle a charging system sits at about 13 V; worked by hand from 30 % of 70 Ah. */
    public function test_a_weak_alternator_lets_the_battery_down(): void
    {
        $sizing = Orchard::sizing(['/supply/alternatorIdleA' => 20, '/supply/batteryAh' => 70]);
        $balance = SupplyBalance::of($sizing->brief, $sizing->circuit);

        self::assertLessThan(13.0, $balance->busV);
        self::assertLessThan(0.0, $balance->balanceA);
        self::assertEqualsWithDelta(0.3 * 70 / -$balance->balanceA, $balance->hoursLeft, 1e-9);
    }

    public function test_next_to_nothing_is_drawn_with_the_key_out(): void
    {
        $sizing = Orchard::sizing();

        self::assertLessThan(0.001, SupplyBalance::of($sizing->brief, $sizing->circuit)->keyOffA);
    }

    /** What is left with the key out lasts so many days: three tenths of the battery over what is drawn; of next to nothing nobody counts days. */
    public function test_how_long_a_vehicle_may_stand(): void
    {
        $opening = ['/control/stages/0/decider' => [...Combination::deciders()['switch opening when hot'], 'place' => 'engine-outlet'], '/control/coilFeed' => 'battery'];
        $sizing = Orchard::sizing([...$opening, '/supply/batteryAh' => 70, '/control/overrides' => []]);
        $balance = SupplyBalance::of($sizing->brief, $sizing->circuit);

        self::assertGreaterThan(0.1, $balance->keyOffA, 'a relay that is held in while cold');
        self::assertEqualsWithDelta(0.3 * 70 / $balance->keyOffA / 24, $balance->daysLeft, 1e-9);
    }

    /** The hardest start of several is what the battery sees: a large fan beside a small one pulls it lower than two small ones. */
    public function test_the_larger_fan_decides_how_far_the_battery_falls(): void
    {
        $apartV = static function (float $firstA, float $secondA): float {
            $two = Combination::changes(Combination::deciders()['hand'], Combination::loads()['two, a relay each']);
            $circuit = Orchard::sizing([
                ...$two, '/fans/0/runA' => $firstA, '/fans/0/startA' => 3 * $firstA, '/fans/1/runA' => $secondA, '/fans/1/startA' => 3 * $secondA,
            ])->circuit;

            return StartDip::of($circuit, OperatingEnvelope::of($circuit, starting: true))->apartV ?? 0.0;
        };

        self::assertLessThan($apartV(5, 5) - 0.1, $apartV(5, 20));
        self::assertEqualsWithDelta($apartV(5, 20), $apartV(20, 5), 0.02);
        self::assertLessThan(0.2, $apartV(5, 20) - $apartV(20, 20), 'the start of the large one counts, not that of the small one beside it');
    }

    public function test_fans_one_after_the_other_spare_the_battery(): void
    {
        $circuit = Orchard::sizing(Combination::changes(Combination::deciders()['hand'], Combination::loads()['two, a relay each']))->circuit;
        $dip = StartDip::of($circuit, OperatingEnvelope::of($circuit, starting: true));

        self::assertNotNull($dip);
        self::assertSame(2, $dip->fans);
        self::assertGreaterThan($dip->togetherV + 0.05, $dip->apartV);
    }

    /** Whatever the sheet offers to be chosen otherwise can be: no size stands there that is then refused. */
    public function test_every_choice_can_be_made_by_hand(): void
    {
        $pinned = [];
        foreach ([...array_values(SoundJobs::all()), ...array_column(Combination::somePairs(), 0)] as $changes) {
            $sizing = Orchard::sizing($changes);
            foreach (array_diff_key($sizing->choices, $pinned) as $id => $choice) {
                if ($choice->candidates !== [] && $choice->isMade()) {
                    $part = $choice->taken->part->id();
                    self::assertSame([$id => $part], Orchard::brief([...$changes, '/pinned' => [$id => $part]])->pinned);
                    $pinned[$id] = true;
                }
            }
        }
        self::assertArrayHasKey('fan-2-branch', $pinned);
        self::assertArrayHasKey('air-conditioning-tap-fuse', $pinned);
    }

    private static function relay(string $id, float $price): RelayPart
    {
        return new RelayPart($id, $id, 12, 90, 7.8, 1.8, 20, null, 60, 5, 85, 125, 1e5, 'resistor', 680, $price);
    }

    private static function candidate(RelayPart $part, bool $fits): Candidate
    {
        return new Candidate($part, [new Constraint('running-current', $fits ? 1 : 2, 1.5, Unit::Ampere)]);
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

    /**
     * Twins whose starts lie each side of the 40 A a fast fuse is trusted with, for one lies farther off: they get one fuse, and one spare serves
     * both. Two that differ are chosen each for itself (common practice, no source).
     */
    public function test_equal_fans_get_one_fuse_however_far_they_lie(): void
    {
        $two = Combination::changes(Combination::deciders()['hand'], Combination::loads()['two at two temperatures']);
        $fuses = static function (float $startA, float $otherA) use ($two): array {
            $sizing = Orchard::sizing([
                ...$two, '/fans/0/runA' => 14, '/fans/1/runA' => 14, '/fans/0/startA' => $startA, '/fans/1/startA' => $otherA,
                '/runs/fuse-to-relay@fan-1-wire' => ['lengthM' => 0.2], '/runs/fuse-to-relay@fan-2-wire' => ['lengthM' => 8],
            ]);

            return array_map(static fn (string $id): string => $sizing->choices[$id]->taken->part->id(), ['fan-1-fuse', 'fan-2-fuse']);
        };
        $differ = 0;
        foreach ([39.0, 39.25, 39.5, 39.75] as $startA) {
            self::assertCount(1, array_unique($fuses($startA, $startA)), "{$startA} A");
            $differ += count(array_unique($fuses($startA, $startA - 0.01))) - 1;
        }
        self::assertGreaterThan(0, $differ, 'one lies each side of the line');
    }

    /** Of twins the one that carries more decides for both. */
    public function test_twins_are_fused_for_the_one_that_carries_more(): void
    {
        $two = Combination::changes(Combination::deciders()['hand'], Combination::loads()['two at two temperatures']);
        $sizing = Orchard::sizing([
            ...$two, '/fans/0/runA' => 20, '/fans/1/runA' => 20, '/runs/relay-to-fan@fan-1-wire' => ['lengthM' => 0.1], '/runs/relay-to-fan@fan-2-wire' => ['lengthM' => 60],
        ]);
        $carries = array_map(static fn (string $id): float => self::constraint($sizing->choices[$id], 'continuous-load')->value, ['fan-1-fuse', 'fan-2-fuse']);

        self::assertSame($carries[0], $carries[1]);
        self::assertGreaterThanOrEqual($sizing->envelope->greatestA('fan-1-fuse') - 0.2, $carries[0]);
        self::assertGreaterThan($sizing->envelope->greatestA('fan-2-fuse') + 0.5, $carries[1]);
    }
}
