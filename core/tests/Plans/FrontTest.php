<?php

declare(strict_types=1);

namespace LampThread\Tests\Plans;

use LampThread\Plans\Criterion;
use LampThread\Plans\Figures;
use LampThread\Plans\Front;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The plans no other beats, against every pair compared: nothing is lost on the way, and nothing is pruned that belongs to them. */
final class FrontTest extends TestCase
{
    /** @return iterable<string, array{int, int, int}> seed, candidates, and how many values each figure takes */
    public static function spaces(): iterable
    {
        foreach ([60, 250] as $size) {
            foreach ([2, 4, 9] as $values) {
                yield "{$size} candidates, {$values} values" => [$size + $values, $size, $values];
            }
        }
    }

    #[DataProvider('spaces')]
    public function test_the_front_is_what_comparing_every_pair_leaves(int $seed, int $size, int $values): void
    {
        $candidates = self::candidates($seed, $size, $values);
        $front = new Front;
        foreach ($candidates as $plan => [$figures]) {
            $front->add((string) $plan, $figures);
        }
        self::assertSame(self::bruteForce($candidates), array_map(intval(...), array_keys($front->members())));
    }

    #[DataProvider('spaces')]
    public function test_pruning_by_the_least_a_plan_can_come_to_loses_no_member(int $seed, int $size, int $values): void
    {
        $candidates = self::candidates($seed, $size, $values);
        $front = new Front;
        foreach ($candidates as $plan => [$figures, $least]) {
            if (! $front->prunes($least)) {
                $front->add((string) $plan, $figures);
            }
        }
        self::assertSame(self::bruteForce($candidates), array_map(intval(...), array_keys($front->members())));
        if ($values === 2) {
            self::assertGreaterThan(0, $front->pruned, 'where many are alike some are pruned');
        }
    }

    public function test_a_difference_nobody_feels_is_none(): void
    {
        $base = self::figures([]);
        self::assertTrue(self::figures([Criterion::PeakC->value => 88.2])->isLike(self::figures([Criterion::PeakC->value => 88.7])));
        self::assertFalse(self::figures([Criterion::PeakC->value => 88.2])->beats(self::figures([Criterion::PeakC->value => 88.7])));
        self::assertTrue(self::figures([Criterion::PeakC->value => 86.0])->beats(self::figures([Criterion::PeakC->value => 88.0])));
        self::assertFalse(self::figures([Criterion::PeakC->value => 86.0, Criterion::Cuts->value => 1.0])->beats($base), 'one thing better, another worse');
    }

    public function test_what_beats_a_plan_is_named(): void
    {
        $front = new Front;
        $front->add('cool', self::figures([Criterion::PeakC->value => 80.0, Criterion::Cost->value => 200.0]));
        $front->add('cheap', self::figures([Criterion::PeakC->value => 100.0, Criterion::Cost->value => 20.0]));
        self::assertSame('cheap', $front->beater(self::figures([Criterion::PeakC->value => 101.0, Criterion::Cost->value => 50.0])));
        self::assertNull($front->beater(self::figures([Criterion::PeakC->value => 90.0, Criterion::Cost->value => 100.0])));
    }

    /** @return list<array{Figures, Figures}> each with the least it can come to */
    private static function candidates(int $seed, int $size, int $values): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $candidates = [];
        for ($number = 0; $number < $size; $number++) {
            $figures = [];
            $least = [];
            foreach (Criterion::cases() as $criterion) {
                $figures[$criterion->value] = $random->getInt(0, $values - 1) * $criterion->step();
                $least[$criterion->value] = $random->getInt(0, 2) === 0 ? max(0.0, $figures[$criterion->value] - $criterion->step()) : $figures[$criterion->value];
            }
            $candidates[] = [new Figures($figures), new Figures($least)];
        }

        return $candidates;
    }

    /**
     * @param  list<array{Figures, Figures}>  $candidates
     * @return list<int> those nothing beats, of those that are alike the first
     */
    private static function bruteForce(array $candidates): array
    {
        $left = [];
        foreach ($candidates as $plan => [$figures]) {
            $isBeaten = false;
            foreach ($candidates as $other => [$others]) {
                $isBeaten = $isBeaten || $others->beats($figures) || ($other < $plan && $others->isLike($figures));
            }
            if (! $isBeaten) {
                $left[] = $plan;
            }
        }

        return $left;
    }

    /** @param  array<string, float>  $values */
    private static function figures(array $values): Figures
    {
        return new Figures([...array_fill_keys(array_map(static fn (Criterion $criterion): string => $criterion->value, Criterion::cases()), 0.0), ...$values]);
    }
}
