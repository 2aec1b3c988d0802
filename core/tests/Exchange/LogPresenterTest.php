<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\Log\LogPresenter;
use LampThread\Exchange\Log\StandIn;
use LampThread\Exchange\Wording;
use LampThread\Road\Drives;
use LampThread\Road\Log;
use LampThread\Road\LogComparison;
use LampThread\Road\Vehicle;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** Logs as they go out. */
final class LogPresenterTest extends TestCase
{
    /** The simulated logger rides in a vehicle much like this one: plan and log stay near each other, and the fans switch where the plan has it. */
    public function test_a_log_is_laid_over_the_plan_of_the_same_drive(): void
    {
        $vehicle = Vehicle::of(Orchard::sizing(['/heat' => ['ratedKw' => 70]]));
        $log = LogText::read(StandIn::Logger->record($vehicle, Drives::standard()['3-queue'], []));
        $over = LogPresenter::overPlan(LogPresenter::summary('1', 'Queue', 'before', '', $log), $log, $vehicle);

        self::assertLessThanOrEqual(701, count($over['curve']));
        self::assertLessThanOrEqual(701, count($over['planned']));
        self::assertSame('current', $over['switching']['by']);
        self::assertEqualsWithDelta(92, $over['switching']['on']['meanC'], 1.5);
        self::assertSame([], $over['assumes']);
        $apart = abs(max([0.0, ...array_column($over['planned'], 'coolantC')]) - max([0.0, ...array_filter(array_column($over['curve'], 'coolantC'))]));
        self::assertLessThan(6.0, $apart);
    }

    public function test_what_is_taken_for_granted_is_said(): void
    {
        $log = LogText::read("time_s,coolant_c\n0,80\n60,84\n120,86\n");
        $over = LogPresenter::overPlan(LogPresenter::summary('1', 'Short', 'other', '', $log), $log, Vehicle::of(Orchard::sizing()));
        self::assertCount(3, $over['assumes']);
        self::assertSame([], $over['log']['measured']);
        self::assertSame([86.0, 120.0], [$over['log']['hottestC'], $over['log']['lastsS']]);
    }

    public function test_a_comparison_says_cooler_hotter_or_that_it_cannot_tell(): void
    {
        $log = static fn (float $coolantC): Log => LogText::read("time_s,coolant_c,ambient_c,speed_kmh\n".implode("\n", array_map(
            static fn (int $timeS): string => "{$timeS},{$coolantC},20,0", range(0, 900, 10),
        ))."\n");
        $says = static fn (float $before, float $after): string => Wording::english()->worded(
            LogPresenter::comparison(LogComparison::of($log($before), $log($after))),
        )['rows'][0]['says'];
        self::assertStringContainsStringIgnoringCase('cooler', $says(98, 88));
        self::assertStringContainsStringIgnoringCase('hotter', $says(88, 98));
        self::assertStringContainsStringIgnoringCase('cannot', $says(90, 90.5));
    }
}
