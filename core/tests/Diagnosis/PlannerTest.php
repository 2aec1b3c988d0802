<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Circuit\Fault\Open;
use LampThread\Diagnosis\Cause;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\LampReading;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Test;
use LampThread\Diagnosis\TestKind;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Walk;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The order of tests against the best there is, found by trying every order, over made-up tables. */
final class PlannerTest extends TestCase
{
    private const TABLES = 30;

    private const CAUSES = 9;

    private const TESTS = 9;

    /** Mean minutes over the best where every answer is right, without what is looked at once more to be sure. */
    private const OVER_BEST = 1.1;

    public function test_on_small_tables_the_mean_cost_is_within_a_tenth_of_the_best(): void
    {
        $own = 0.0;
        $best = 0.0;
        for ($seed = 1; $seed <= self::TABLES; $seed++) {
            [$table, $outcomes, $weights, $minutes] = self::table($seed);
            $sum = array_sum($weights);
            $walk = new Walk($table, new LampReading([], 12), [Tool::Eyes]);
            foreach ($weights as $at => $weight) {
                $done = [];
                foreach ($walk->toFault($at, [Symptom::NeverRuns])['answers'] as $answer) {
                    $done[$answer->test->id()] = $answer->test->minutes;
                }
                $own += $weight / $sum * array_sum($done);
            }
            $best += self::least(array_keys($weights), $outcomes, $weights, $minutes) / $sum;
        }
        self::assertGreaterThanOrEqual($best * 0.999, $own, 'nothing beats the best');
        self::assertLessThanOrEqual(self::OVER_BEST * $best, $own);
    }

    /** @return array{FaultTable, list<list<int>>, list<float>, list<float>} table, test to outcome of each cause, weights, minutes of each test */
    private static function table(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $weights = [];
        $causes = [];
        for ($at = 0; $at < self::CAUSES; $at++) {
            $weights[] = (float) $random->getInt(1, 8);
            $causes[] = new Cause($weights[$at], ["part-{$at}" => new Open]);
        }
        [$tests, $outcomes, $minutes, $columns] = [[], [], [], []];
        for ($number = 0; $number < self::TESTS; $number++) {
            $minutes[] = $random->getInt(3, 60) / 10;
            $test = new Test(TestKind::Cooling, null, "test-{$number}", $minutes[$number], ['a', 'b', 'c']);
            $tests[$test->id()] = $test;
            $outcomes[] = array_map(static fn (): int => $random->getInt(0, 2), $causes);
            $columns[$test->id()] = pack('g*', ...$outcomes[$number]);
        }
        // One dear test tells each apart, so that every table has an end.
        $tests['cooling/all'] = new Test(TestKind::Cooling, null, 'all', 20.0, array_map(strval(...), array_keys($causes)));
        $columns['cooling/all'] = pack('g*', ...array_keys($causes));
        $symptoms = array_fill_keys(array_map(static fn (Symptom $symptom): string => $symptom->value, Symptom::cases()), str_repeat('1', self::CAUSES));

        return [new FaultTable($causes, $tests, [], $columns, [], $symptoms, 12.0), [...$outcomes, array_keys($causes)], $weights, [...$minutes, 20.0]];
    }

    /**
     * @param  list<int>  $left
     * @param  list<list<int>>  $outcomes
     * @param  list<float>  $weights
     * @param  list<float>  $minutes
     * @param  array<string, float>  $known
     */
    private static function least(array $left, array $outcomes, array $weights, array $minutes, array &$known = []): float
    {
        $key = implode(',', $left);
        if (count($left) < 2 || isset($known[$key])) {
            return $known[$key] ?? 0.0;
        }
        $least = INF;
        foreach ($outcomes as $test => $of) {
            $parts = [];
            $weight = 0.0;
            foreach ($left as $at) {
                $parts[$of[$at]][] = $at;
                $weight += $weights[$at];
            }
            if (count($parts) > 1) {
                $cost = $weight * $minutes[$test];
                foreach ($parts as $part) {
                    $cost += self::least($part, $outcomes, $weights, $minutes, $known);
                }
                $least = min($least, $cost);
            }
        }

        return $known[$key] = $least;
    }
}
