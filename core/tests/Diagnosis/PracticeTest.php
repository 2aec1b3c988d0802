<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Circuit\Component\Rail;
use LampThread\Diagnosis\Grade;
use LampThread\Diagnosis\Jumper;
use LampThread\Diagnosis\Lesson;
use LampThread\Diagnosis\Practice;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Verdict;
use LampThread\Scenario\Limits;
use LampThread\Tests\Handover\Workshop;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Hidden faults: instruments that lie as theirs do, moves judged beside the best, and lessons that can be solved. */
final class PracticeTest extends TestCase
{
    /** @return iterable<string, array{Lesson}> */
    public static function lessons(): iterable
    {
        foreach (Lesson::all() as $lesson) {
            yield $lesson->id => [$lesson];
        }
    }

    #[DataProvider('lessons')]
    public function test_each_lesson_hides_what_its_complaint_tells_of_and_can_be_solved(Lesson $lesson): void
    {
        $table = Tables::of($lesson->job);
        $at = $lesson->cause($table);
        self::assertNotNull($at);
        foreach ($lesson->seen as $symptom) {
            self::assertTrue($table->shows($at, $symptom), $symptom->value);
        }
        $practice = new Practice($table, Tables::lamp($lesson->job), $at, $lesson->seen, Tool::cases(), 1);
        self::assertLessThan($practice->budgetMinutes(), $practice->shortest()['minutes']);
        self::assertTrue($practice->isFault($table->causes[$at]->place()));
        self::assertSame(100, $practice->score($practice->shortest()['minutes'], [Verdict::Best], 0, 0));
        self::assertSame(0, $practice->score(1.0, [Verdict::Best], 3, 2));
        $long = 4 * $practice->shortest()['minutes'];
        self::assertSame(100, $practice->score($long, [Verdict::Best, Verdict::Best, Verdict::Best, Verdict::Best], 0, 0), 'four right moves are a hundred points');
        self::assertSame(55, $practice->score($long, [Verdict::Best, Verdict::Nothing], 0, 0));
        self::assertSame(35, $practice->score($long, [Verdict::Best, Verdict::Nothing], 1, 0));
    }

    public function test_a_move_is_judged_beside_the_best_there_was(): void
    {
        $practice = self::practice('fan-1-relay=stuck-off', Symptom::NeverRuns);
        $tests = Tables::of('orchard-sprayer')->tests;
        $first = $practice->judged([], $tests['pull/key-circuit-fuse'])['best'];
        self::assertNotNull($first);
        self::assertSame(Verdict::Best, $practice->judged([], $first->test)['verdict']);
        self::assertSame(Verdict::Slow, $practice->judged([], $tests['feed/fan-1'])['verdict'], 'it tells something, for three minutes');
        self::assertSame(Verdict::Nothing, $practice->judged([], $tests['look/key-off-hot'])['verdict'], 'with the key out this one stands anyway');
        $known = Tables::answers('orchard-sprayer', ['look/rest+override=on' => 'fan-1=fast']);
        self::assertSame(Verdict::Nothing, $practice->judged($known, $tests['pull/fan-1-fuse'])['verdict'], 'a fan that runs has its fuse');
    }

    /** A fan that stands with the switch on may be a dead fan as well as a dead relay; a full cooling system is no cause of that. */
    public function test_what_fits_all_that_is_known_is_no_wrong_guess(): void
    {
        $practice = self::practice('fan-1-relay=stuck-off', Symptom::NeverRuns);
        $stands = Tables::answers('orchard-sprayer', ['look/rest+override=on' => 'fan-1=stands']);
        $swapped = Tables::answers('orchard-sprayer', ['look/rest+override=on' => 'fan-1=stands', 'swap/fan-1-relay' => 'cured']);

        self::assertTrue($practice->fits($stands, 'fan-1'));
        self::assertFalse($practice->fits($stands, 'coolant-low'));
        self::assertFalse($practice->fits($swapped, 'fan-1'), 'another relay has cured it');
    }

    public function test_instruments_have_their_errors_and_a_lamp_takes_current(): void
    {
        $tests = Tables::of('orchard-sprayer')->tests;
        $practice = self::practice('stage-1-switch=stuck-off', Symptom::NeverRuns);
        $volts = $practice->shown($tests['volts/rest/fan-1-relay:85']);
        self::assertEqualsWithDelta(12.5, $volts, 0.3, 'the coil lets its feed through to 85');
        self::assertNotSame(round($volts), $volts);
        // Six ohms of lamp behind eighty of coil: it stays nearly dark, and the coil pulls in.
        self::assertNotSame(2.0, $practice->shown($tests['lamp/rest/fan-1-relay:85']), 'behind a coil a lamp is not bright');
        $dead = self::practice('key-circuit-fuse=open', Symptom::NeverRuns);
        self::assertSame(0.0, $dead->shown($tests['lamp/rest/fan-1-relay:86']));
        $clamps = array_map(static fn (int $seed): Practice => self::practice('fan-1=open', Symptom::NeverRuns, $seed), range(1, 5));
        $offsets = array_unique(array_map(static fn (Practice $one): float => $one->shown($tests['clamp/rest/battery']), $clamps));
        self::assertGreaterThan(1, count($offsets), 'each clamp has its own offset');
    }

    public function test_a_bare_wire_runs_the_fan_blows_a_fuse_or_is_refused(): void
    {
        $sizing = Workshop::sizing('orchard-sprayer');
        $table = Tables::of('orchard-sprayer');
        $jumper = new Jumper($sizing->circuit, new Limits($sizing->circuit, $sizing->brief, Orchard::shelf()));
        $stuck = $table->causes[Tables::cause('orchard-sprayer', 'fan-1-relay=stuck-off')];
        $rest = $table->situations['rest'];
        self::assertSame(['danger' => false, 'seen' => 'fan-1=fast'], $jumper->seen($stuck, $rest, 'fan-1-relay:30', 'fan-1-relay:87'));
        self::assertSame(['danger' => true, 'seen' => 'refused'], $jumper->seen($stuck, $rest, Rail::EARTH, Rail::SUPPLY));
        self::assertSame(['danger' => true, 'seen' => 'blows:fan-1-fuse'], $jumper->seen($stuck, $rest, 'fan-1-relay:30', Rail::EARTH));
    }

    public function test_grades_part_what_can_be_hidden_and_nothing_silent_is(): void
    {
        $table = Tables::of('larkspur-camper');
        $hidden = array_map(static fn (Grade $grade): array => Practice::hidden($table, $grade), Grade::cases());
        foreach ($hidden as $causes) {
            self::assertNotSame([], $causes);
            self::assertNotNull(Practice::told($table, $causes[0]));
        }
        self::assertSame([], array_intersect(...$hidden));
    }

    private static function practice(string $fault, Symptom $seen, int $seed = 7): Practice
    {
        $job = 'orchard-sprayer';

        return new Practice(Tables::of($job), Tables::lamp($job), Tables::cause($job, $fault), [$seen], Tool::cases(), $seed);
    }
}
