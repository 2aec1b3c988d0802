<?php

declare(strict_types=1);

namespace LampThread\Tests\Plans;

use LampThread\Brief\Changes;
use LampThread\Exchange\PlanPresenter;
use LampThread\Exchange\Wording;
use LampThread\Message\Message;
use LampThread\Plans\Complaint;
use LampThread\Plans\Conflict;
use LampThread\Plans\Criterion;
use LampThread\Plans\Draft;
use LampThread\Plans\Figures;
use LampThread\Plans\Judged;
use LampThread\Plans\Plan;
use LampThread\Plans\Selection;
use LampThread\Plans\WhyNot;
use PHPUnit\Framework\TestCase;

/** Which few of many are shown, why, and what is said of the rest; on figures that are easy to follow. */
final class SelectionTest extends TestCase
{
    private const LIKE_FIRST = ['strands' => 12.0, 'hours' => 6.0, 'cost' => 60.0];

    public function test_the_best_balance_comes_first_and_then_what_is_best_at_one_thing(): void
    {
        $shown = self::selection(self::four())->plans(static fn (): bool => true);
        self::assertSame([1, 2, 3, 4], self::numbers($shown));
        self::assertSame(['strands'], $shown[1]->bestAt);
        self::assertContains('hours', $shown[2]->bestAt);
        self::assertContains('cost', $shown[3]->bestAt);
    }

    public function test_plans_of_one_arrangement_are_shown_beside_each_other_only_where_they_differ_twice(): void
    {
        $front = self::four();
        $front[5] = self::judged(['arrangement' => 'one-fan-switch', 'override' => 'none'], [...self::LIKE_FIRST, Criterion::DrawA->value => 1.0]);
        $front[6] = self::judged(
            ['arrangement' => 'one-fan-switch', 'override' => 'none', 'place' => 'top-hose', 'trigger' => 'separate-relay'], [...self::LIKE_FIRST, Criterion::DrawA->value => 0.0],
        );
        $numbers = self::numbers(self::selection($front)->plans(static fn (): bool => true));
        self::assertContains(6, $numbers);
        self::assertNotContains(5, $numbers, 'a dash switch less alone is no other plan');
        $two = [1 => $front[1], 5 => $front[5]];
        self::assertSame([5, 1], self::numbers(self::selection($two)->plans(static fn (): bool => true)), 'but where there is nothing else it is shown');
    }

    public function test_what_does_not_stand_is_passed_over(): void
    {
        $isOther = static fn (Judged $one): bool => $one->draft->choices['arrangement'] !== 'two-fans-two-temperatures';
        $shown = self::selection(self::four())->plans($isOther);
        self::assertNotContains(2, self::numbers($shown));
        self::assertGreaterThanOrEqual(3, count($shown));
        self::assertSame([], self::selection([])->plans(static fn (): bool => true));
    }

    public function test_cool_enough_is_enough_and_a_complaint_counts_twice(): void
    {
        $cool = self::judged(['arrangement' => 'a'], [Criterion::PeakC->value => 80.0]);
        $cooler = self::judged(['arrangement' => 'b'], [Criterion::PeakC->value => 70.0]);
        $selection = new Selection([1 => $cool, 2 => $cooler], [], 92.0);
        self::assertSame($selection->total($cool), $selection->total($cooler));
        $noisy = new Selection([1 => $cool], [Complaint::Noise], 92.0);
        self::assertSame(2 * $selection->weights()[Criterion::DrawA->value], $noisy->weights()[Criterion::DrawA->value]);
        self::assertNull(Complaint::NoRoom->criterion());
    }

    public function test_drives_are_those_of_the_complaints(): void
    {
        self::assertSame(['3-queue', '5-climb'], Complaint::drivesOf([]));
        self::assertSame(['3-queue', '6-stop-after-climb'], Complaint::drivesOf([Complaint::HotInTraffic, Complaint::HeatSoak, Complaint::WarmAirConditioning]));
    }

    public function test_why_not_tells_a_beaten_choice_from_one_that_is_only_near(): void
    {
        $front = self::four();
        $all = $front;
        $all[7] = self::judged(['arrangement' => 'condenser-fan-of-its-own'], [...self::LIKE_FIRST, Criterion::Cost->value => 300.0, Criterion::Hours->value => 12.0]);
        $all[8] = Judged::out(new Draft(['arrangement' => 'original-change-over'], Changes::of([])), null, [], Message::of('finding.fan-does-not-fit.title'));
        $all[9] = Judged::out(new Draft(['arrangement' => 'original-after-run'], Changes::of([])), self::figures([]), ['override', 'cost'], null);
        $all[10] = Judged::out(new Draft(['arrangement' => 'original-after-run'], Changes::of([])), self::figures([]), ['override'], null);
        $selection = self::selection($front);
        $shown = $selection->plans(static fn (): bool => true);
        $why = static fn (string $arrangement): ?WhyNot => WhyNot::of('arrangement', $arrangement, $all, $front, $selection);
        $says = static fn (string $arrangement): string => Wording::english()->text(PlanPresenter::whyNot($why($arrangement) ?? throw new \LogicException, $shown));
        self::assertNull($why('nowhere'));
        self::assertSame(1, $why('condenser-fan-of-its-own')?->beatenBy);
        self::assertStringContainsString('Plan A beats it: parts, about, work', $says('condenser-fan-of-its-own'));
        self::assertStringStartsWith('Out:', $says('original-change-over'));
        self::assertSame(['override'], $why('original-after-run')?->broken, 'its nearest form breaks one wish');
        self::assertStringContainsString('A dash switch that runs it', $says('original-after-run'));
        self::assertStringContainsString('Nothing beats it', $says('one-fan-thermostat'));
        $all[11] = self::judged(['arrangement' => 'one-fan-two-speeds'], $front[1]->figures->values ?? []);
        self::assertStringContainsString('like plan A', Wording::english()->text(PlanPresenter::whyNot(
            WhyNot::of('arrangement', 'one-fan-two-speeds', $all, $front, $selection) ?? throw new \LogicException, $shown,
        )));
    }

    public function test_a_conflict_is_one_wish_or_two_or_none(): void
    {
        $out = static fn (string ...$broken): Judged => Judged::out(
            new Draft(['arrangement' => 'one-fan-switch'], Changes::of([])), self::figures([]), array_values($broken), null,
        );
        self::assertSame(['override'], Conflict::of([$out('override'), $out('override', 'cost')])->against);
        self::assertSame(['override', 'stock-look'], Conflict::of([$out('override'), $out('stock-look')])->against);
        $none = Conflict::of([Judged::out(new Draft(['arrangement' => 'one-fan-switch'], Changes::of([])), null, [], Message::of('finding.fan-does-not-fit.title'))]);
        self::assertSame([], $none->against);
        self::assertNull($none->nearest);
        $wording = Wording::english();
        self::assertStringContainsString('two stand against', $wording->worded(PlanPresenter::conflict(Conflict::of([$out('override'), $out('stock-look')])))['says']);
        self::assertNull($wording->worded(PlanPresenter::conflict($none))['nearest']);
    }

    public function test_what_a_plan_gives_up_is_told_beside_the_letter_of_the_one_that_has_it(): void
    {
        $shown = self::selection(self::four())->plans(static fn (): bool => true);
        $leader = Wording::english()->worded(PlanPresenter::leader($shown[1]->judged));
        self::assertSame('Two fans at two temperatures', $leader['title']);
        $figures = array_column($leader['figures'], 'says', 'id');
        self::assertSame('90 °C', $figures['peakC']);
        self::assertSame('a vehicle’s life', $figures['relayWear'], 'nobody waits for a hundred years');
        self::assertSame('100 %', $figures['chargeUsed'], 'what is left is told, not what is gone');
    }

    /** @return array<int, Judged> by number: balanced, safest, quickest, cheapest */
    private static function four(): array
    {
        return [
            1 => self::judged(['arrangement' => 'one-fan-switch'], self::LIKE_FIRST),
            2 => self::judged(['arrangement' => 'two-fans-two-temperatures'], [Criterion::Strands->value => 4.0, Criterion::Hours->value => 11.0, Criterion::Cost->value => 160.0]),
            3 => self::judged(['arrangement' => 'one-fan-thermostat'], [Criterion::Strands->value => 26.0, Criterion::Hours->value => 4.0, Criterion::Cost->value => 60.0]),
            4 => self::judged(['arrangement' => 'two-fans-stepless'], [Criterion::Strands->value => 26.0, Criterion::Hours->value => 9.0, Criterion::Cost->value => 20.0]),
        ];
    }

    /** @param  array<int, Judged>  $front */
    private static function selection(array $front): Selection
    {
        return new Selection($front, [], 92.0);
    }

    /**
     * @param  array<string, string>  $choices
     * @param  array<string, float>  $figures
     */
    private static function judged(array $choices, array $figures): Judged
    {
        $usual = ['fan' => 'radiator', 'place' => 'radiator-inlet', 'override' => 'force-on', 'trigger' => 'none', 'after-run' => 'none'];

        return Judged::done(new Draft([...$usual, ...$choices], Changes::of(['/control' => []])), self::figures($figures), null, '');
    }

    /** @param  array<string, float>  $values */
    private static function figures(array $values): Figures
    {
        $usual = array_fill_keys(array_map(static fn (Criterion $criterion): string => $criterion->value, Criterion::cases()), 0.0);

        return new Figures([...$usual, Criterion::PeakC->value => 90.0, Criterion::DrawA->value => 12.0, ...$values]);
    }

    /**
     * @param  list<Plan>  $plans
     * @return list<int>
     */
    private static function numbers(array $plans): array
    {
        return array_map(static fn (Plan $plan): int => $plan->number, $plans);
    }
}
