<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/**
 * Which test finds the fault for least trouble. While many places are left that is the one that tells most of them a minute; once few are,
 * every order of tests is tried (dynamic programming) and the one that takes least on average begins.
 */
final class Planner
{
    /** Up to so many places every order is tried. */
    private const EXACT_PLACES = 10;

    /** Tests that are tried in every order: those that tell most a minute. */
    private const EXACT_TESTS = 14;

    /** Lamp tests that are solved with the lamp in. */
    private const LAMPS = 2;

    private const MOST = 12;

    /** What habit begins with tells at least this share of what the best tells a minute (common practice, no source). */
    private const HABIT_SHARE = 0.6;

    /** @var array<int, string> by cause that still counts */
    private readonly array $places;

    /** @var array<string, float> by place */
    private readonly array $shares;

    private readonly float $unsureNow;

    /** @var array<string, array<array-key, non-empty-list<int>>> column to the causes that count, by what it says */
    private array $groups = [];

    public function __construct(private readonly Trail $trail, private readonly ?string $situation)
    {
        $places = [];
        foreach ($trail->alive as $cause) {
            $places[$cause] = $trail->table->causes[$cause]->place();
        }
        $this->places = $places;
        $this->shares = $trail->parted();
        $this->unsureNow = self::unsure($this->shares);
    }

    /** What one test would tell, whatever it is. */
    public function one(Test $test): NextTest
    {
        return $this->weighed($test, $this->solved($test, $this->trail->alive));
    }

    /**
     * @param  list<Test>  $tests
     * @return list<NextTest> the best first
     */
    public function ranked(array $tests): array
    {
        $ranked = [];
        $lamps = [];
        $byMeter = [];
        foreach ($tests as $test) {
            if ($test->kind === TestKind::Lamp) {
                $lamps[$test->column()] = $test;

                continue;
            }
            $next = $this->telling($test);
            if ($next !== null) {
                $ranked[] = $next;
                $byMeter[$test->column()] = $next->bitsPerMinute();
            }
        }
        $ranked = $this->byHabit(self::sorted([...$ranked, ...$this->bestLamps($lamps, $byMeter)]));
        $counting = array_filter($this->shares, static fn (float $share): bool => $share > Trail::LEAST_SHARE);
        // In every order is tried only what shows the same whenever it is done.
        if (count($counting) > self::EXACT_PLACES || count($ranked) < 2 || $this->trail->isRestless()) {
            return array_slice($ranked, 0, self::MOST);
        }
        $best = $this->soonest(array_slice($ranked, 0, self::EXACT_TESTS));
        $others = array_values(array_filter($ranked, static fn (NextTest $next): bool => $next !== $best));

        return array_slice($best === null ? $others : [$best, ...$others], 0, self::MOST);
    }

    /**
     * @param  list<NextTest>  $ranked
     * @return list<NextTest>
     */
    private static function sorted(array $ranked): array
    {
        usort($ranked, static fn (NextTest $a, NextTest $b): int => $b->bitsPerMinute() <=> $a->bitsPerMinute());

        return $ranked;
    }

    /** What a test would tell; null where that is not worth it. */
    private function telling(Test $test): ?NextTest
    {
        $outcomes = $this->outcomes($test, $this->trail->alive);
        $next = count(array_unique($outcomes)) > 1 ? $this->weighed($test, $outcomes) : null;

        return $next !== null && $next->bits > Trail::LEAST_BITS ? $next : null;
    }

    /**
     * A lamp is solved with it in, which takes long: only at the spots where a meter would tell most, whether or not there is one.
     *
     * @param  array<string, Test>  $lamps  by column
     * @param  array<string, float>  $byMeter  column to what a meter tells there, bit a minute
     * @return list<NextTest>
     */
    private function bestLamps(array $lamps, array $byMeter): array
    {
        $worth = [];
        foreach ($lamps as $column => $lamp) {
            $worth[$column] = $byMeter[$column] ?? $this->telling($lamp)?->bitsPerMinute() ?? 0.0;
        }
        arsort($worth);
        $solved = array_map(
            fn (string $column): NextTest => $this->weighed($lamps[$column], $this->solved($lamps[$column], $this->trail->alive)),
            array_keys(array_slice(array_filter($worth), 0, self::LAMPS, true)),
        );

        return array_values(array_filter($solved, static fn (NextTest $next): bool => $next->bits > Trail::LEAST_BITS));
    }

    /**
     * Three instruments may be held on one spot: what lies there is read once.
     *
     * @param  list<int>  $causes
     * @return array<int, int> cause to outcome; one outcome for all where none is told apart
     */
    private function outcomes(Test $test, array $causes): array
    {
        $column = $test->column();
        $groups = $causes === $this->trail->alive ? $this->groups[$column] ??= $this->trail->table->groups($column, $causes) : $this->trail->table->groups($column, $causes);
        $outcomes = [];
        foreach ($groups as $bytes => $alike) {
            $outcome = Reading::outcome($test, $this->trail->table->value($test, (string) $bytes));
            if (count($groups) === 1) {
                return array_fill_keys($causes, $outcome);
            }
            foreach ($alike as $cause) {
                $outcomes[$cause] = $outcome;
            }
        }

        return $outcomes;
    }

    /**
     * @param  list<int>  $causes
     * @return array<int, int> cause to outcome, a lamp solved with it in
     */
    private function solved(Test $test, array $causes): array
    {
        return $test->kind === TestKind::Lamp
            ? array_map(static fn (float $value): int => Reading::outcome($test, $value), $this->trail->shown($test, $causes))
            : $this->outcomes($test, $causes);
    }

    /**
     * By habit, and rightly, it is first looked which fan stands, and then an identical relay is swapped: neither wants an instrument. Where it tells
     * nearly as much a minute as the best, it begins.
     *
     * @param  list<NextTest>  $ranked
     * @return list<NextTest>
     */
    private function byHabit(array $ranked): array
    {
        foreach ($this->trail->isBegun() ? [] : [TestKind::Look, TestKind::Swap] as $kind) {
            foreach ($ranked as $at => $next) {
                if ($next->test->kind === $kind && $next->bitsPerMinute() > self::HABIT_SHARE * $ranked[0]->bitsPerMinute()) {
                    unset($ranked[$at]);

                    return [$next, ...array_values($ranked)];
                }
            }
        }

        return $ranked;
    }

    /** @param  array<int, int>  $outcomes  by cause */
    private function weighed(Test $test, array $outcomes): NextTest
    {
        $byOutcome = [];
        $sound = $test->kind->showsAlways() || ! $this->trail->isRestless() ? [] : $this->ofSound($test);
        foreach ($outcomes as $cause => $outcome) {
            $place = $this->places[$cause];
            // Half of what comes and goes is away just then.
            $away = $sound[$this->trail->table->causes[$cause]->subject] ?? $outcome;
            $awayShare = $away === $outcome ? 0.0 : 0.5 * $this->trail->fleeting[$cause];
            $share = $this->trail->shares[$cause] - $awayShare;
            $may = $this->mayShow($test, $cause, $outcome);
            foreach ($may as $at) {
                $byOutcome[$at][$place] = ($byOutcome[$at][$place] ?? 0.0) + $share / count($may);
            }
            $byOutcome[$away][$place] = ($byOutcome[$away][$place] ?? 0.0) + $awayShare;
        }
        $bits = $this->unsureNow;
        $splits = [];
        foreach ($byOutcome as $left) {
            $bits -= self::unsure($left);
            $splits[] = count(array_filter($left, static fn (float $share): bool => $share > Trail::LEAST_SHARE));
        }
        rsort($splits);

        return new NextTest($test, $bits, Trail::minutesFrom($this->trail->table, $this->situation, $test), array_values(array_filter($splits)));
    }

    /** @return non-empty-list<int> outcomes a cause may show, each as often as another: where its number may lie to either side, both ends and twice the middle */
    private function mayShow(Test $test, int $cause, int $outcome): array
    {
        $half = $test->kind->isNumber() ? $this->trail->table->half($test, $cause) : 0.0;
        if ($half === 0.0) {
            return [$outcome];
        }
        $shown = $this->trail->table->shown($test, [$cause])[$cause];

        return [Reading::outcome($test, $shown - $half), $outcome, $outcome, Reading::outcome($test, $shown + $half)];
    }

    /** @return array<int, int> subject to what a test shows of it while nothing is wrong */
    private function ofSound(Test $test): array
    {
        $causes = $this->trail->table->soundCauses();
        $shown = $this->trail->shown($test, array_values($causes));

        return array_map(static fn (int $cause): int => Reading::outcome($test, $shown[$cause]), $causes);
    }

    /**
     * Entropy of shares times their sum, bit.
     *
     * @param  array<array-key, float>  $shares
     */
    private static function unsure(array $shares): float
    {
        $sum = array_sum($shares);
        $unsure = 0.0;
        foreach ($shares as $share) {
            if ($share > 0) {
                $unsure -= $share * log($share / $sum, 2);
            }
        }

        return $unsure;
    }

    /** @return list<int> causes that every order of tests is tried for: of places that still count */
    private function counting(): array
    {
        return array_values(array_filter($this->trail->alive, fn (int $cause): bool => $this->shares[$this->places[$cause]] > Trail::LEAST_SHARE));
    }

    /** @param  non-empty-list<NextTest>  $tests */
    private function soonest(array $tests): ?NextTest
    {
        $causes = $this->counting();
        $outcomes = [];
        foreach ($tests as $at => $next) {
            $outcomes[$at] = $this->solved($next->test, $causes);
        }
        [$atoms, $ofAtoms] = $this->atoms($causes, $outcomes);
        $search = new ExactSearch($this->trail->table, array_map(static fn (NextTest $next): Test => $next->test, $tests), $atoms, $ofAtoms);
        $first = $search->first($this->situation);

        return $first === null ? null : $tests[$first];
    }

    /**
     * Causes of one place that no test tells apart are one.
     *
     * @param  list<int>  $causes
     * @param  array<int, array<int, int>>  $outcomes  test to cause to outcome
     * @return array{list<array{string, float}>, list<list<int>>} place and share of each; test to outcome of each
     */
    private function atoms(array $causes, array $outcomes): array
    {
        $places = [];
        $shares = [];
        $rows = [];
        foreach ($causes as $cause) {
            $row = array_map(static fn (array $of): int => $of[$cause], $outcomes);
            $key = $this->places[$cause].'/'.implode(',', $row);
            $places[$key] = $this->places[$cause];
            $rows[$key] = $row;
            $shares[$key] = ($shares[$key] ?? 0.0) + $this->trail->shares[$cause];
        }
        $ofAtoms = [];
        foreach (array_keys($outcomes) as $at) {
            $ofAtoms[] = array_values(array_map(static fn (array $row): int => $row[$at], $rows));
        }

        return [array_map(static fn (string $key): array => [$places[$key], $shares[$key]], array_keys($places)), $ofAtoms];
    }
}
