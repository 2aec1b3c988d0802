<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Diagnosis\ExactSearch;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\Situation;
use LampThread\Diagnosis\Test;
use LampThread\Diagnosis\TestKind;
use PHPUnit\Framework\TestCase;

/** Every order of a few tests, on cases small enough to be worked out by hand. */
final class ExactSearchTest extends TestCase
{
    public function test_one_test_that_parts_two_places_is_all_there_is(): void
    {
        $search = self::search([2.0], [['relay', 0.75], ['wire', 0.25]], [[0, 1]]);
        self::assertSame(0, $search->first(null));
        self::assertEqualsWithDelta(2.0, $search->minutes(null), 1e-9);
    }

    public function test_what_is_of_one_place_need_not_be_parted(): void
    {
        $search = self::search([2.0], [['relay', 0.5], ['relay', 0.5]], [[0, 1]]);
        self::assertEqualsWithDelta(0.0, $search->minutes(null), 1e-9);
    }

    public function test_what_no_test_parts_ends(): void
    {
        $search = self::search([2.0], [['relay', 0.5], ['wire', 0.5]], [[0, 0]]);
        self::assertNull($search->first(null));
        self::assertEqualsWithDelta(0.0, $search->minutes(null), 1e-9);
    }

    public function test_the_likely_is_asked_after_first(): void
    {
        // One minute each: is it a (0.6), is it b (0.3), is it c (0.1)? First a, then b: 1 + 0.4 = 1.4 minutes.
        $atoms = [['a', 0.6], ['b', 0.3], ['c', 0.1]];
        $search = self::search([1.0, 1.0, 1.0], $atoms, [[0, 0, 1], [0, 1, 0], [1, 0, 0]]);
        self::assertSame(2, $search->first(null));
        self::assertEqualsWithDelta(1.4, $search->minutes(null), 1e-9);
    }

    public function test_a_dear_test_that_parts_all_is_taken_where_cheap_ones_come_to_more(): void
    {
        $atoms = [['a', 0.25], ['b', 0.25], ['c', 0.25], ['d', 0.25]];
        $outcomes = [[0, 1, 2, 3], [0, 0, 0, 1], [0, 0, 1, 0], [0, 1, 0, 0]];
        self::assertSame(0, self::search([2.0, 1.0, 1.0, 1.0], $atoms, $outcomes)->first(null), 'one after the other takes 2.25');
        self::assertNotSame(0, self::search([2.5, 1.0, 1.0, 1.0], $atoms, $outcomes)->first(null));
    }

    public function test_a_situation_that_the_vehicle_stands_in_costs_nothing_again(): void
    {
        $search = self::search([1.0, 1.0], [['a', 0.4], ['b', 0.3], ['c', 0.3]], [[0, 1, 1], [0, 0, 1]], situation: 'hot');
        self::assertEqualsWithDelta(1.0 + 5.0 + 0.6 * 1.0, $search->minutes(null), 1e-9, 'five minutes to warm up, once');
        self::assertEqualsWithDelta(1.6, $search->minutes('hot'), 1e-9);
    }

    /**
     * @param  list<float>  $minutes
     * @param  list<array{string, float}>  $atoms
     * @param  list<list<int>>  $outcomes
     */
    private static function search(array $minutes, array $atoms, array $outcomes, ?string $situation = null): ExactSearch
    {
        $tests = array_map(static fn (float $each, int $at): Test => new Test(TestKind::Cooling, $situation, "test-{$at}", $each, ['no', 'yes']), $minutes, array_keys($minutes));
        $situations = ['hot' => new Situation('hot', new OperatingConditions, [], 5.0)];

        return new ExactSearch(new FaultTable([], [], $situations, [], [], [], 12.0), $tests, $atoms, $outcomes);
    }
}
