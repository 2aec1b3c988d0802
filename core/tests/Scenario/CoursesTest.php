<?php

declare(strict_types=1);

namespace LampThread\Tests\Scenario;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Operation\Solver;
use LampThread\Scenario\Course;
use LampThread\Scenario\Courses;
use LampThread\Scenario\Limits;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\TestCase;

/** What fails after what: the fuse that carries most opens first, and what it lets go of the next one gets. */
final class CoursesTest extends TestCase
{
    private const JOINED = '12 V, two 12 A, clutch joins at the fans';

    /** A fan fed over two joined feeds is shorted: both fuses must open, one after the other, and each only once. */
    public function test_where_feeds_are_joined_one_fuse_opens_after_the_other(): void
    {
        [$courses, $limits, $before] = self::hot(['air-conditioning' => 'on']);
        $course = $courses->of($before, $before->circuit->broken(['fan-1' => FaultKind::Short]));

        self::assertSame(['fan-1-fuse', 'fan-1-air-conditioning-fuse'], array_keys($course->opened));
        [$firstS, $secondS] = array_values($course->opened);
        self::assertGreaterThan($firstS, $secondS, 'the second only gets the whole current when the first has let go');
        self::assertSame($limits->opens($course->atOnce)[1] ?? null, $firstS, 'counted from when it happens');
        self::assertNull($limits->opens($course->final), 'all hold in the end');
        self::assertEqualsWithDelta(0.0, $course->final->currentA('fan-1-fuse'), 1e-6);
        self::assertEqualsWithDelta(0.0, $course->final->currentA('fan-1-air-conditioning-fuse'), 1e-6);
        self::assertSame(['fan-1-fuse', $firstS], $course->firstOpened());
    }

    /** A fault that is over before a fuse opens leaves it whole. */
    public function test_a_fault_that_is_over_sooner_opens_nothing(): void
    {
        [$courses, , $before] = self::hot(['air-conditioning' => 'on']);
        $faults = $before->circuit->broken(['fan-1' => FaultKind::Short]);
        [$firstS, $secondS] = array_values($courses->of($before, $faults)->opened);

        self::assertSame([], $courses->of($before, $faults, 0.99 * $firstS)->opened);
        self::assertCount(1, $courses->of($before, $faults, $firstS)->opened);
        self::assertCount(1, $courses->of($before, $faults, 0.99 * $secondS)->opened);
        self::assertCount(2, $courses->of($before, $faults, $secondS)->opened);
    }

    /** A motor that is held fast is hotter than it stands before its fuse opens. */
    public function test_what_burns_before_a_fuse_opens_is_told_with_the_time(): void
    {
        [$courses, , $before] = self::hot([]);
        $course = $courses->of($before, $before->circuit->broken(['fan-1' => FaultKind::Jammed]));

        self::assertSame('fan-1', $course->burnsWithin[0] ?? null);
        self::assertSame($course->firstOpened()[1] ?? null, $course->burnsWithin[2] ?? null);
    }

    public function test_what_overloads_nothing_ends_where_it_began(): void
    {
        [$courses, , $before] = self::hot([]);
        $course = $courses->of($before, $before->circuit->broken(['fan-1' => FaultKind::Open]));

        self::assertNull($course->firstOpened());
        self::assertSame($course->atOnce, $course->final);
        self::assertInstanceOf(Course::class, $course);
    }

    /**
     * @param  array<string, string>  $positions
     * @return array{Courses, Limits, \LampThread\Operation\OperatingPoint}
     */
    private static function hot(array $positions): array
    {
        $sizing = Orchard::sizing(SoundJobs::all()[self::JOINED]);
        $solver = new Solver($sizing->circuit);
        $limits = new Limits($sizing->circuit, $sizing->brief, Orchard::shelf());

        return [new Courses($limits, $solver), $limits, $solver->settle(new OperatingConditions(Key::Run, 850, 110, $positions))];
    }
}
