<?php

declare(strict_types=1);

namespace LampThread\Tests\Sizing;

use LampThread\Circuit\Wire;
use LampThread\Message\Unit;
use LampThread\Operation\Solver;
use LampThread\Sizing\Adiabatic;
use LampThread\Sizing\Candidate;
use LampThread\Sizing\Constraint;
use LampThread\Sizing\DropLadder;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Sizing\ProtectionPlot;
use LampThread\Sizing\Sizing;
use LampThread\Sizing\StartDip;
use LampThread\Sizing\StartSurges;
use LampThread\Sizing\SupplyBalance;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** What parts of a circuit have to do with each other: what is lost along a feed, twins, branches and their trunk, what is there already. */
final class WholeCircuitTest extends TestCase
{
    /** Kirchhoff: what a feed loses in all is what its load does not get; what is only assumed is left out of what is known. */
    public function test_what_a_feed_loses(): void
    {
        $sizing = Orchard::sizing();
        $ladder = DropLadder::of($sizing->circuit->wireGroups['fan-1-wire'], $sizing->circuit, $sizing->envelope);
        self::assertNotNull($ladder);
        $ofRelay = array_values(array_filter($ladder->rungs, static fn (array $rung): bool => $rung['part'] === 'fan-1-relay'))[0]['volts'];

        self::assertEqualsWithDelta($ladder->supplyV - $ladder->loadV, $ladder->lostV(), 1e-6);
        self::assertGreaterThan(0.005, $ofRelay);
        self::assertEqualsWithDelta($ladder->lostV() - $ofRelay, $ladder->knownLostV(['fan-1-relay']), 1e-9);
        self::assertEqualsWithDelta($ladder->lostV(), $ladder->knownLostV([]), 1e-12);
        $isReturn = array_column($ladder->rungs, 'isReturn', 'part');
        self::assertSame(['fan-1-fuse' => false, 'fan-1-relay' => false, 'W5' => true], array_intersect_key($isReturn, ['fan-1-fuse' => 1, 'fan-1-relay' => 1, 'W5' => 1]));
    }

    /** Where none lasts the ten years that are wished for, of those that work at all the one that lasts longest is taken. */
    public function test_a_wish_that_cannot_be_met_is_come_near_to(): void
    {
        $choice = Orchard::sizing(['/usage/startsPerHour' => 60, '/usage/hoursPerYear' => 8000])->choices['fan-1-relay'];
        $working = array_values(array_filter($choice->candidates, static fn (Candidate $one): bool => $one->works()));
        $years = static fn (Candidate $one): float => array_values(array_filter($one->constraints, static fn (Constraint $of): bool => $of->isWish))[0]->limit;

        self::assertSame([], array_filter($choice->candidates, static fn (Candidate $one): bool => $one->fits()));
        $ofEach = array_map($years, $working);
        sort($ofEach);
        self::assertGreaterThan($ofEach[0], $ofEach[count($ofEach) - 1]);
        self::assertSame($ofEach[count($ofEach) - 1], $years($choice->taken));
        self::assertTrue($choice->taken->works());
    }

    /** Twins that lie as far off are cut from one reel; what lies farther off is thicker. */
    public function test_twins_are_cut_from_one_reel(): void
    {
        $pair = Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two, a relay each']);
        $sizes = static function (float $firstM, float $secondM) use ($pair): array {
            $sizing = Orchard::sizing([...$pair, '/runs/relay-to-fan' => ['lengthM' => $firstM], '/runs/relay-to-fan@fan-2-wire' => ['lengthM' => $secondM]]);

            return array_map(static fn (string $group): array => array_unique(array_map(
                static fn (Wire $wire): float => $sizing->sizeOf($wire)->areaMm2 ?? 0.0, $sizing->circuit->wiresOf($sizing->circuit->wireGroups[$group]),
            )), ['fan-1-wire', 'fan-2-wire']);
        };

        self::assertSame([[6.0], [6.0]], $sizes(7, 7));
        self::assertSame([[1.5], [6.0]], $sizes(1, 7));
    }

    /** Of what may be lost a trunk has the share of its length on the longest way through it; its branches have what it leaves. */
    public function test_a_trunk_and_its_branches_share_what_may_be_lost(): void
    {
        $sizing = Orchard::sizing([
            ...Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two on one relay']),
            '/runs/relay-to-fan' => ['lengthM' => 0.5], '/runs/relay-to-fan@fan-2-wire' => ['lengthM' => 4],
        ]);
        $lengthM = static fn (string $group): float => array_sum(array_map(
            static fn (Wire $wire): float => $wire->segment->lengthM, $sizing->circuit->wiresOf($sizing->circuit->wireGroups[$group]),
        ));
        $groups = $sizing->circuit->wireGroups;
        $branches = array_keys(array_filter($groups, static fn ($group): bool => $group->trunk === 'fan-1-wire'));
        self::assertCount(2, $branches);
        $longestM = max(0.0, ...array_map($lengthM, $branches));
        self::assertGreaterThan(min(INF, ...array_map($lengthM, $branches)) + 1, $longestM);
        $limit = array_column($sizing->choices['fan-1-wire']->taken->constraints, 'limit', 'code')['wire-drop'];

        self::assertEqualsWithDelta($sizing->brief->wiring->dropLimitPercent * $lengthM('fan-1-wire') / ($lengthM('fan-1-wire') + $longestM), $limit, 1e-9);
        $lostByTrunk = array_column($sizing->choices['fan-1-wire']->taken->constraints, 'value', 'code')['wire-drop'];
        foreach ($branches as $branch) {
            $left = array_column($sizing->choices[$branch]->taken->constraints, 'limit', 'code')['wire-drop'];
            self::assertEqualsWithDelta($sizing->brief->wiring->dropLimitPercent - $lostByTrunk, $left, 0.05, 'what the trunk leaves');
            self::assertGreaterThan(0.2, $lostByTrunk);
        }
    }

    /** Wires that stay are judged as what they are, where that is told, and against their fuse where that is told too; new ones in their place are chosen. */
    public function test_wires_that_stay_are_judged_as_what_they_are(): void
    {
        $file = Orchard::file();
        $choices = static fn (array $parts, array $renewed = []): array => Orchard::sizing(['/renewed' => $renewed, '/found' => [
            'fans' => $file['fans'], 'control' => [...$file['control'], 'overrides' => []], 'parts' => $parts,
        ]])->choices;
        $codes = static fn (array $choices): array => array_column($choices['fan-1-wire-found']->taken->constraints ?? [], 'code');
        $wire = ['fan-1-wire' => ['areaMm2' => 1.5]];

        self::assertSame('vehicle-wire', $choices($wire)['fan-1-wire-found']->taken->part->id());
        self::assertContains('steady-current', $codes($choices($wire)));
        self::assertNotContains('fuse-as-makers', $codes($choices($wire)), 'nobody has looked at its fuse');
        self::assertContains('fuse-as-makers', $codes($choices([...$wire, 'fan-1-fuse' => ['ratedA' => 20]])));
        self::assertArrayNotHasKey('fan-1-wire-found', $choices([]), 'nobody has looked at it');
        self::assertArrayNotHasKey('fan-1-wire-found', $choices($wire, ['fan-1-wire']));
    }

    /** The idle balance is reckoned with every hand switch as it costs most: a cut-out that is closed, low and high at high. */
    public function test_the_balance_is_reckoned_with_the_fans_on(): void
    {
        $balance = static fn (array $overrides): float => SupplyBalance::of(
            ($sizing = Orchard::sizing(['/control/overrides' => $overrides]))->brief, $sizing->circuit,
        )->balanceA;

        self::assertEqualsWithDelta($balance([]), $balance([['kind' => 'cut-out']]), 0.2);
        self::assertEqualsWithDelta($balance([]), $balance([['kind' => 'three-position']]), 0.2);
    }

    /** With the key out nothing is drawn though a switch could run the fan; an after-run takes the fan's current for its time. */
    public function test_what_the_battery_pays_with_the_key_out(): void
    {
        $balance = static fn (array $changes): SupplyBalance => SupplyBalance::of(($sizing = Orchard::sizing($changes))->brief, $sizing->circuit);

        self::assertLessThan(0.05, $balance(['/control/coilFeed' => 'battery', '/control/overrides' => [['kind' => 'force-on']]])->keyOffA);
        $ranOn = $balance(['/control/afterRun' => ['delayS' => 240], '/control/overrides' => []]);
        self::assertEqualsWithDelta(13.9 * 240 / 3600, $ranOn->afterRunAh, 0.06);
        self::assertSame(0.0, $balance(['/control/overrides' => []])->afterRunAh);
    }

    /** A start pulls the battery down by its current over what the battery and its leads have; fans that start together, by both. */
    public function test_a_start_pulls_the_battery_down(): void
    {
        $sizing = Orchard::sizing();
        $dip = StartDip::of($sizing->circuit, OperatingEnvelope::of($sizing->circuit, starting: true));

        self::assertNotNull($dip);
        self::assertSame(1, $dip->fans);
        self::assertGreaterThan(0.3, $sizing->brief->supply->chargingV - $dip->togetherV);
        self::assertSame($dip->togetherV, $dip->apartV);
    }

    /** A rest contact carries what flows through it while its relay rests: the most of all states. */
    public function test_a_rest_contact_is_judged_by_what_flows_through_it(): void
    {
        $sizing = Orchard::sizing(['/control/overrides' => [['kind' => 'change-over', 'ratedA' => 16]]]);
        $constraint = array_column($sizing->choices['fan-1-override-relay']->taken->constraints, null, 'code')['rest-contact'];

        self::assertEqualsWithDelta($sizing->envelope->greatestA('fan-1'), $constraint->value, 0.6);
        self::assertGreaterThan(13.0, $constraint->value, 'of a fan of 15.5 A');
        $rated = array_column($sizing->choices['fan-1-override-relay']->candidates, null, null);
        foreach ($rated as $candidate) {
            $rests = array_column($candidate->constraints, null, 'code')['rest-contact'];
            self::assertEqualsWithDelta(0.8 * ($candidate->part->restA ?? 0.0), $rests->limit, 1e-9, 'four fifths of what it is rated for, as for the make contact');
        }
    }

    /** A spare feed is drawn from while the key is on: nobody sizes for a horn that blows with the key out, nor while the starter turns. */
    public function test_when_a_spare_feed_is_drawn(): void
    {
        $points = Orchard::sizing(['/control/spareFeedA' => 15])->envelope->points;
        $keys = static fn (bool $draws): array => array_values(array_unique(array_map(
            static fn ($point): string => $point->conditions->key->name, array_filter($points, static fn ($point): bool => $point->conditions->drawsSpare === $draws),
        )));

        self::assertSame(['Run'], $keys(true));
        self::assertEqualsCanonicalizing(['Off', 'Run', 'Crank'], $keys(false));
    }

    /** Copper that is as hot as its insulation bears stands no short circuit at all; one constraint alone decides. */
    public function test_where_nothing_is_left_to_bear(): void
    {
        self::assertSame(0.0, Adiabatic::withstandA2s(2.5, 160, 160));
        self::assertSame(0.0, Adiabatic::withstandA2s(2.5, 170, 160));
        self::assertGreaterThan(0.0, Adiabatic::withstandA2s(2.5, 159, 160));
        $sizing = Orchard::sizing();
        $only = new Constraint('wire-drop', 1.0, 2.0, Unit::Percent);
        self::assertSame($only, (new Candidate($sizing->choices['fan-1-wire']->taken->part, [$only]))->deciding());
        $plot = $this->plot($sizing);
        self::assertNotNull($plot->shortOpensS);
        self::assertLessThan(1.0, $plot->shortOpensS, 'a short at the far end opens the fuse within a second');
        self::assertGreaterThan(3 * $plot->ratedA, $plot->shortA);
    }

    /** Everything asks for all it can where it is hottest: a pair at its on, a controller at the end of its span; and it is never below freezing. */
    public function test_where_everything_asks_for_all_it_can(): void
    {
        $decider = Combination::deciders();
        $hottestC = static fn (array $changes): float => OperatingEnvelope::hottestC(Orchard::sizing($changes)->circuit);

        self::assertGreaterThanOrEqual(92.0, $hottestC([]));
        self::assertGreaterThanOrEqual(100.0, $hottestC(Combination::changes([...$decider['stepless'], 'onC' => 92, 'spanK' => 8], Combination::loads()['one fan'])));
        self::assertSame(0.0, $hottestC(Combination::changes($decider['hand'], Combination::loads()['one fan'])));
    }

    /** A start is drawn where it changes: each moment a quarter later than the one before; copper's line ends at 5 s, as far as all heat stays in it (IEC 60949). */
    public function test_a_start_is_drawn_by_moments(): void
    {
        $sizing = Orchard::sizing();
        $plot = $this->plot($sizing);
        $seconds = array_column($plot->start, 'second');

        self::assertGreaterThan(4, count($seconds));
        for ($at = 1; $at < count($seconds); $at++) {
            self::assertGreaterThanOrEqual(1.25 * $seconds[$at - 1] - 1e-12, $seconds[$at]);
        }
        self::assertSame(5.0, array_column($plot->withstand, 'second')[count($plot->withstand) - 1]);
        $heats = array_map(static fn (array $one): float => $one['ampere'] ** 2 * $one['second'], $plot->withstand);
        foreach ($heats as $heatA2s) {
            self::assertEqualsWithDelta($heats[0], $heatA2s, 1e-6 * $heats[0], 'I²t is the same all along');
        }
    }

    private function plot(Sizing $sizing): ProtectionPlot
    {
        $starting = OperatingEnvelope::of($sizing->circuit, starting: true);

        return ProtectionPlot::of(
            $sizing->circuit->wireGroups['fan-1-wire'], $sizing->brief, $sizing->circuit, $sizing->envelope, $starting,
            StartSurges::of($sizing->circuit, $starting, ['fan-1-fuse']), new Solver($sizing->circuit), Orchard::shelf(),
        );
    }
}
