<?php

declare(strict_types=1);

namespace LampThread\Tests\Sizing;

use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Wire;
use LampThread\Parts\FusePart;
use LampThread\Parts\RelayPart;
use LampThread\Sizing\Candidate;
use LampThread\Sizing\Choice;
use LampThread\Sizing\Constraint;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Sizing\Sizing;
use LampThread\Sizing\StartSurges;
use LampThread\Sizing\SupplyBalance;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where a part stops being enough, in the trade's words and figures. */
final class ThresholdsTest extends TestCase
{
    /** A blade fuse carries three quarters of its rating for good at 25 °C (ISO 8820-3's own advice, from memory), and less where it is hotter. */
    public function test_a_fuse_carries_three_quarters_of_its_rating(): void
    {
        $cool = Orchard::sizing(['/runs/battery-to-fuse' => ['lengthM' => 0.15, 'zone' => 'cabin']]);
        foreach ($cool->choices['fan-1-fuse']->candidates as $candidate) {
            self::assertInstanceOf(FusePart::class, $candidate->part);
            $limit = self::constraint($candidate, 'continuous-load')->limit;
            self::assertLessThanOrEqual(0.75 * $candidate->part->ratedA + 1e-9, $limit, $candidate->part->id());
            self::assertGreaterThan(0.70 * $candidate->part->ratedA, $limit, 'at 40 °C it is hardly less');
        }
    }

    /** A relay carries four fifths of what its maker prints for hours; its contact loses a tenth of a volt at most; in 6 V half of that. */
    public function test_a_relay_carries_four_fifths_of_its_rating(): void
    {
        foreach ([['12 V, 12 A near, opening switch', 0.1], ['6 V, 6 A', 0.05], ['24 V, 8 A', 0.1]] as [$job, $lostV]) {
            foreach (Orchard::sizing(SoundJobs::all()[$job])->choices['fan-1-relay']->candidates as $candidate) {
                self::assertInstanceOf(RelayPart::class, $candidate->part);
                self::assertEqualsWithDelta(0.8 * $candidate->part->makeA, self::constraint($candidate, 'running-current')->limit, 1e-9, 'at 85 °C it is rated');
                self::assertEqualsWithDelta($lostV, self::constraint($candidate, 'contact-drop')->limit, 1e-9);
                self::assertSame(10.0, self::constraint($candidate, 'life')->value, 'ten years are wanted');
                self::assertEqualsWithDelta(1.33 * $candidate->part->coilV, self::constraint($candidate, 'coil-voltage')->limit, 1e-9);
            }
        }
    }

    /** A coil 40 K above the bay pulls in at its printed voltage times copper's 0.393 % a kelvin above 23 °C; let go at −20 °C it must at less. */
    public function test_a_hot_coil_pulls_in_and_a_cold_one_lets_go(): void
    {
        $sizing = Orchard::sizing();
        $relay = $sizing->circuit->components['fan-1-relay'];
        self::assertInstanceOf(Relay::class, $relay);
        $factor = static fn (float $coilC): float => 1 + 0.00393 * ($coilC - 23.0);
        foreach ($sizing->choices['fan-1-relay']->candidates as $candidate) {
            self::assertInstanceOf(RelayPart::class, $candidate->part);
            $hot = $candidate->part->pullInV * $factor($relay->place->zone()->ambientC() + 40.0);
            self::assertEqualsWithDelta($hot, self::constraint($candidate, 'pull-in')->value, 0.01 * $hot);
            $cold = $candidate->part->dropOutV * $factor(-20.0);
            self::assertEqualsWithDelta($cold, self::constraint($candidate, 'drop-out')->limit, 0.01 * $cold);
        }
    }

    /** A switch that carries the fan stands two and a half times its rating as the fan starts. Common practice, no source. */
    #[TestWith([16.0, true])]
    #[TestWith([26.0, false])]
    public function test_a_switch_stands_a_start(float $ratedA, bool $isOver): void
    {
        $sizing = Orchard::sizing([
            ...SoundJobs::job(12, [['runA' => 15, 'startA' => 60]], 1), '/control/overrides' => [], '/control/stages/0/side' => 'supply',
            '/control/stages/0/decider' => ['kind' => 'hand', 'isDirect' => true, 'ratedA' => $ratedA],
        ]);
        $start = self::constraint($sizing->choices['stage-1-switch']->taken, 'switched-start');

        self::assertEqualsWithDelta(2.5 * $ratedA, $start->limit, 1e-9);
        self::assertSame($isOver, ! $start->isMet, "{$start->value} A");
    }

    /** What goes through a switch is what the fan draws; within its rating it is enough. */
    #[TestWith([14.0, false])]
    #[TestWith([17.0, true])]
    public function test_a_switch_is_judged_by_what_goes_through_it(float $ratedA, bool $isEnough): void
    {
        $sizing = Orchard::sizing([
            ...SoundJobs::job(12, [['runA' => 15, 'startA' => 30]], 1), '/control/overrides' => [], '/control/stages/0/side' => 'supply',
            '/control/stages/0/decider' => ['kind' => 'hand', 'isDirect' => true, 'ratedA' => $ratedA],
        ]);
        $carried = self::constraint($sizing->choices['stage-1-switch']->taken, 'switched-current');

        self::assertEqualsWithDelta($sizing->envelope->greatestA('fan-1'), $carried->value, 0.05);
        self::assertSame($isEnough, $carried->isMet);
    }

    /** A tab of 6.3 mm takes 6 mm²; for 10 mm² a stub of thinner wire leads to it, and the sizes its ends take are judged. */
    #[TestWith(['metric-6', false])]
    #[TestWith(['metric-10', true])]
    public function test_a_wire_too_thick_for_its_end_gets_a_stub(string $cable, bool $hasStub): void
    {
        $sizing = Orchard::sizing(['/pinned' => ['fan-1-wire' => $cable, 'fan-1-relay' => 'mini-40-12v']]);

        self::assertSame($hasStub, isset($sizing->choices['fan-1-wire-stub']));
        self::assertLessThanOrEqual(16.0, self::constraint($sizing->choices[$hasStub ? 'fan-1-wire-stub' : 'fan-1-wire']->taken, 'ends-take')->limit);
        self::assertTrue(self::constraint($sizing->choices['fan-1-wire']->taken, 'ends-take')->isMet);
    }

    /** Whatever the current, a wire thinner than half a square millimetre does not last in a vehicle. Common practice, no source. */
    public function test_no_wire_is_thinner_than_half_a_square_millimetre(): void
    {
        $choice = Orchard::sizing()->choices['trigger-wire'];

        self::assertSame('metric-0.5', $choice->taken->part->id());
        self::assertFalse(self::constraint($choice->candidates[0], 'strength')->isMet, $choice->candidates[0]->part->id());
        self::assertTrue(self::constraint($choice->candidates[1], 'strength')->isMet, $choice->candidates[1]->part->id());
    }

    /** For an hour a fuse may carry 1.35 times its rating (ISO 8820-3, from memory): the wire then may be 50 K above its insulation's rating. */
    public function test_a_wire_stands_a_long_overload(): void
    {
        $choice = Orchard::sizing()->choices['fan-1-wire'];
        $constraint = self::constraint($choice->taken, 'long-overload');

        $insulationC = Orchard::brief()->wiring->insulationC;
        self::assertSame($insulationC + 50.0, $constraint->limit);
        $fuse = Orchard::sizing()->choices['fan-1-fuse']->taken->part;
        $steady = self::constraint($choice->taken, 'steady-current');
        $wires = array_filter(Orchard::sizing()->circuit->wires, static fn (Wire $wire): bool => $wire->group === 'fan-1-wire');
        $ambientC = max([0.0, ...array_map(static fn (Wire $wire): float => $wire->segment->ambientC, array_values($wires))]);
        self::assertInstanceOf(FusePart::class, $fuse);
        // Warmth goes with the square of the current: at its ampacity the wire is as warm as its insulation may be.
        self::assertEqualsWithDelta($ambientC + ($insulationC - $ambientC) * (1.35 * $fuse->ratedA / $steady->limit) ** 2, $constraint->value, 1.0);
        $opens = self::constraint($choice->taken, 'opens-on-short');
        self::assertEqualsWithDelta(3.5 * $fuse->ratedA, $opens->value, 1e-9, 'a short at the far end opens it within half a second');
    }

    /** A battery that is neither charged nor drained by more than half an ampere is even. Common practice, no source. */
    public function test_an_idle_balance_is_even_within_half_an_ampere(): void
    {
        $balance = static function (float $idleA): SupplyBalance {
            $sizing = Orchard::sizing(['/supply/alternatorIdleA' => $idleA]);

            return SupplyBalance::of($sizing->brief, $sizing->circuit);
        };
        [$low, $high] = [5.0, 60.0];
        for ($step = 0; $step < 30; $step++) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $balance($middle)->balanceA < -0.5 ? [$middle, $high] : [$low, $middle];
        }

        self::assertNotNull($balance($low - 0.1)->hoursLeft);
        self::assertNull($balance($high + 0.1)->hoursLeft);
    }

    /**
     * What a start asks of a family of fuses is the moment at which the current that heats as much, grown by a quarter of the heat with age, comes nearest
     * to what the family surely holds so long: worked out here moment by moment.
     */
    public function test_a_fuse_is_judged_by_the_hardest_moment_of_a_start(): void
    {
        $sizing = Orchard::sizing(['/fans/0/startA' => 70, '/fans/0/startS' => 2]);
        $surge = StartSurges::of($sizing->circuit, OperatingEnvelope::of($sizing->circuit, starting: true), ['fan-1-fuse'])->surge('fan-1-fuse');
        foreach ($sizing->choices['fan-1-fuse']->candidates as $candidate) {
            self::assertInstanceOf(FusePart::class, $candidate->part);
            $gates = $candidate->part->gates;
            $hardest = max([0.0, ...array_map(static fn (array $one): float => sqrt(1.25) * $one[1] / $gates->heldMultiple($one[0]), $surge->equivalents())]);
            $judged = self::constraint($candidate, 'start-surge');
            // Its wires were more generous when it was chosen.
            self::assertEqualsWithDelta($hardest, $judged->value / ($judged->limit / $candidate->part->ratedA), 0.12 * $hardest, $candidate->part->id());
        }
    }

    /** What is chosen has a runner-up that fits too, and a next one down that does not; what is pinned has neither. */
    public function test_beside_what_is_taken_stand_the_next_best_and_the_next_down(): void
    {
        $chosen = Orchard::sizing()->choices['fan-1-wire'];
        $pinned = Orchard::sizing(['/pinned/fan-1-wire' => 'metric-6'])->choices['fan-1-wire'];

        self::assertTrue($chosen->runnerUp?->fits());
        self::assertNotSame($chosen->taken, $chosen->runnerUp);
        self::assertFalse($chosen->nextDown?->fits());
        self::assertSame([null, null], [$pinned->runnerUp, $pinned->nextDown]);
    }

    /** A stepless controller carries what its fan draws at its output, and must be made for that. */
    #[TestWith([10.0, false])]
    #[TestWith([20.0, true])]
    public function test_a_controller_is_judged_by_what_it_gives(float $ratedA, bool $isEnough): void
    {
        $decider = [...Combination::deciders()['stepless'], 'ratedA' => $ratedA];
        $sizing = Orchard::sizing([...Combination::changes($decider, Combination::loads()['one fan']), '/fans/0/runA' => 14, '/fans/0/startA' => 42]);
        $carried = self::constraint($sizing->choices['stage-1-controller']->taken, 'switched-current');

        self::assertEqualsWithDelta($sizing->envelope->greatestA('fan-1'), $carried->value, 0.1);
        self::assertSame($isEnough, $carried->isMet);
    }

    /** Copper melts at 1085 °C (tables): nothing is reported much hotter than it survives. */
    public function test_no_copper_is_reported_hotter_than_it_survives(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-wire' => 'metric-0.35', '/fans/0/runA' => 60, '/fans/0/startA' => 180]);
        $hottestC = max(0.0, ...array_map(static fn (Wire $wire): float => $wire->conductorC, $sizing->circuit->wires));

        self::assertEqualsWithDelta(1000.0, $hottestC, 85.0);
    }

    /** What a part is judged by has one answer, and is used to its whole when it breaks. */
    public function test_the_share_that_is_used_says_what_decides(): void
    {
        $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['one fan']));
        foreach (self::fromShelf($sizing) as $choice) {
            foreach ($choice->candidates as $candidate) {
                $musts = array_filter($candidate->constraints, static fn (Constraint $one): bool => ! $one->isWish);
                $most = max([0.0, ...array_map(static fn (Constraint $one): float => $one->usedShare(), $musts)]);
                self::assertSame($candidate->works(), $most <= 1.0 + 1e-9, "{$choice->id} {$candidate->part->id()}");
            }
        }
    }

    /** @return list<Choice> */
    private static function fromShelf(Sizing $sizing): array
    {
        return array_values(array_filter($sizing->choices, static fn (Choice $choice): bool => $choice->candidates !== []));
    }

    private static function constraint(Candidate $candidate, string $code): Constraint
    {
        foreach ($candidate->constraints as $constraint) {
            if ($constraint->code === $code) {
                return $constraint;
            }
        }

        self::fail("It is not judged by ‘{$code}’.");
    }
}
