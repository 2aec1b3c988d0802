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
    private const EXACT_PLACES = 7;

    /** Tests that are tried in every order: those that tell most a minute. */
    private const EXACT_TESTS = 14;

    /** Lamp tests that are solved with the lamp in. */
    private const LAMPS = 3;

    private const MOST = 12;

    /** @var array<int, string> by cause that still counts */
    private readonly array $places;

    /** @var array<string, float> by place */
    private readonly array $shares;

    private readonly float $unsureNow;

    public function __construct(private readonly Trail $trail, private readonly ?string $situation)
    {
        $places = [];
        $shares = [];
        foreach ($trail->alive as $cause) {
            $places[$cause] = $trail->table->causes[$cause]->place();
            $shares[$places[$cause]] = ($shares[$places[$cause]] ?? 0.0) + $trail->shares[$cause];
        }
        $this->places = $places;
        $this->shares = $shares;
        $this->unsureNow = self::unsure($shares);
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
        foreach ($tests as $test) {
            $outcomes = $this->trail->table->outcomes($test, $this->trail->alive);
            $next = count(array_unique($outcomes)) > 1 ? $this->weighed($test, $outcomes) : null;
            if ($next !== null && $next->bits > Trail::LEAST_BITS) {
                $ranked[] = $next;
            }
        }
        $ranked = $this->withLampsSolved(self::sorted($ranked));
        $counting = array_filter($this->shares, static fn (float $share): bool => $share > Trail::LEAST_SHARE);
        if (count($counting) > self::EXACT_PLACES || count($ranked) < 2) {
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

    /**
     * @param  list<NextTest>  $ranked
     * @return list<NextTest>
     */
    private function withLampsSolved(array $ranked): array
    {
        $solved = 0;
        foreach ($ranked as $at => $next) {
            if ($next->test->kind === TestKind::Lamp) {
                if ($solved++ < self::LAMPS) {
                    $ranked[$at] = $this->weighed($next->test, $this->solved($next->test, $this->trail->alive));
                } else {
                    unset($ranked[$at]);
                }
            }
        }

        return self::sorted(array_values(array_filter($ranked, static fn (NextTest $next): bool => $next->bits > Trail::LEAST_BITS)));
    }

    /**
     * @param  list<int>  $causes
     * @return array<int, int> cause to outcome, a lamp solved with it in
     */
    private function solved(Test $test, array $causes): array
    {
        return $test->kind === TestKind::Lamp
            ? array_map(static fn (float $value): int => Reading::outcome($test, $value), $this->trail->shown($test, $causes))
            : $this->trail->table->outcomes($test, $causes);
    }

    /** @param  array<int, int>  $outcomes  by cause */
    private function weighed(Test $test, array $outcomes): NextTest
    {
        $byOutcome = [];
        foreach ($outcomes as $cause => $outcome) {
            $place = $this->places[$cause];
            $byOutcome[$outcome][$place] = ($byOutcome[$outcome][$place] ?? 0.0) + $this->trail->shares[$cause];
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
