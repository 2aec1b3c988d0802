<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Diagnosis\Cause;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\Half;
use LampThread\Diagnosis\Reading;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Test;
use LampThread\Diagnosis\TestKind;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Trail;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a search tells apart and a proof need not: joints of every size, each contact of a plug, a worn motor, a body without earth. */
final class FinerCausesTest extends TestCase
{
    /** A fan of 14 A: 0.06 Ω in its way lose most of a volt, 8 Ω leave it hardly turning. A coil of 0.15 A loses nothing by a tenth of an ohm. */
    public function test_a_joint_has_as_many_sizes_as_tell(): void
    {
        $ohms = static fn (string $part): array => array_values(array_filter(array_map(
            static fn (Cause $cause): ?float => $cause->fault($part)?->jointOhm(), Tables::of('orchard-sprayer')->causes,
        )));

        self::assertSame([0.06, 0.15, 0.4, 1.0, 2.5, 8.0], $ohms('W3'), 'the fan’s feed');
        self::assertSame([0.4, 1.0, 2.5, 8.0, 40.0], $ohms('W7'), 'the coil’s lead');
    }

    /** 0.4 and 1 Ω are solved; what lies between them belongs to either, and a reading there fits both no worse than their own. */
    public function test_a_size_stands_for_all_halfway_to_its_neighbours(): void
    {
        $table = Tables::of('orchard-sprayer');
        $across = self::across($table, 'W3');
        [$some, $more] = [self::joint($table, 'W3', 0.4), self::joint($table, 'W3', 1.0)];
        [$least, $most] = [$table->shown($across, [$some])[$some], $table->shown($across, [$more])[$more]];
        $between = ($least + $most) / 2;

        self::assertGreaterThan($least, $most);
        foreach ([$some, $more] as $cause) {
            $shown = $table->shown($across, [$cause])[$cause];
            $half = $table->half($across, $cause);
            self::assertGreaterThanOrEqual(0.95 * ($most - $least) / 2, $half);
            self::assertEqualsWithDelta(Reading::likelihood($across, $shown, $shown, $half), Reading::likelihood($across, $between, $shown, $half), 0.05);
            self::assertLessThan(0.05, Reading::likelihood($across, $between, $shown), 'taken as one size it would fit neither');
        }
        // What may lie anywhere in between lies at one place of it less often than what is sure.
        self::assertLessThan(Reading::likelihood($across, $least, $least), Reading::likelihood($across, $least, $least, 2.0));
    }

    #[TestWith([0.0, 0.0])]
    #[TestWith([0.009, 0.0])]
    #[TestWith([0.01, 0.01])]
    #[TestWith([1.0, 1.0])]
    #[TestWith([30.0, 30.0])]
    public function test_a_byte_keeps_how_far_to_a_fortieth(float $half, float $kept): void
    {
        self::assertEqualsWithDelta($kept, Half::of(Half::byte($half)), 0.025 * $kept);
    }

    /** A meter across a wire that is broken reads the battery, across any other next to nothing: at one moment, whatever comes and goes. */
    public function test_a_meter_across_it_shows_the_break_itself(): void
    {
        $table = Tables::of('orchard-sprayer');
        $broken = Tables::cause('orchard-sprayer', 'W3=open');
        self::assertGreaterThan(12.0, $table->shown(self::across($table, 'W3'), [$broken])[$broken]);
        self::assertLessThan(0.1, $table->shown(self::across($table, 'W2'), [$broken])[$broken]);
        self::assertTrue(self::across($table, 'W3')->tries('W3'));
        self::assertFalse($table->tests['volts/hot-1/fan-1-relay:30']->tries('fan-1-relay'), 'volts beside it are no test of the part');
        self::assertTrue($table->tests['swap/fan-1-relay']->tries('fan-1-relay'));
    }

    /** The plug’s plus and minus contact each fail by themselves, and are one place to mend. */
    public function test_each_contact_of_a_plug_backs_out_by_itself(): void
    {
        $table = Tables::of('orchard-sprayer');
        $volts = static fn (string $terminal, int $cause): float => $table->shown($table->tests["volts/hot-1/{$terminal}"], [$cause])[$cause];
        $out = array_keys(array_filter($table->causes, static fn (Cause $cause): bool => $cause->fault('fan-1-plug')?->kind === FaultKind::PlugPinOut));
        self::assertCount(2, $out);
        $plus = array_map(static fn (int $cause): bool => $volts('fan-1:+', $cause) > 11.0, $out);
        self::assertEqualsCanonicalizing([false, true], $plus, 'with its minus contact out the fan has plus at both leads');
    }

    /** Full volts at its leads, two thirds of the current, turning weakly: worn brushes, and no wire. */
    public function test_a_worn_motor_has_its_volts_and_draws_less(): void
    {
        $table = Tables::of('orchard-sprayer');
        $worn = Tables::cause('orchard-sprayer', 'fan-1=worn');
        [$sound] = array_values($table->soundCauses());
        $shown = static fn (string $test, int $cause): float => $table->shown($table->tests[$test], [$cause])[$cause];

        self::assertGreaterThanOrEqual($shown('volts/hot-1/fan-1:+', $sound), $shown('volts/hot-1/fan-1:+', $worn));
        self::assertLessThan(0.85 * $shown('clamp/hot-1/W4', $sound), $shown('clamp/hot-1/W4', $worn));
        self::assertTrue($table->shows($worn, Symptom::RunsWeakly));
        $fed = $table->tests['feed/fan-1'];
        self::assertSame('turns-weakly', $fed->answers[(int) $table->shown($fed, [$worn])[$worn]]);
        self::assertGreaterThan(0.05, Reading::likelihood($fed, 0.0, 1.0), 'weakly is easily taken for well');
        self::assertLessThan(0.05, Reading::likelihood($fed, 0.0, 2.0), 'standing is not');
    }

    /** With its lead put to earth the fan runs, in hot water the switch acts: what it sits in has no earth. */
    public function test_a_body_without_earth_is_told_from_a_dead_switch(): void
    {
        $table = Tables::of('larkspur-camper');
        $body = Tables::cause('larkspur-camper', 'stage-1-switch=body-unearthed');
        $dead = Tables::cause('larkspur-camper', 'stage-1-switch=stuck-off');
        $seen = static fn (string $test, int $cause): string => $table->tests[$test]->answers[(int) $table->shown($table->tests[$test], [$cause])[$cause]];

        self::assertTrue($table->shows($body, Symptom::LowGone) || $table->shows($body, Symptom::OneFanDead) || $table->shows($body, Symptom::ComesLate));
        self::assertSame('fan-1=fast,fan-2=stands', $seen('look/hot-1', $body));
        self::assertSame('acts-in-time', $seen('sensor/stage-1-switch', $body));
        self::assertSame('never-acts', $seen('sensor/stage-1-switch', $dead));
    }

    /** By exclusion nothing is named: the relay’s own test is asked for first, and its answer must say so. */
    public function test_what_was_not_tried_itself_is_not_named(): void
    {
        $given = [
            'look/rest+override=on' => 'fan-1=stands', 'listen/rest+override=on/fan-1-relay' => 'in', 'lamp/rest+override=on/fan-1:+' => 'bright',
            'pull/fan-1-fuse' => 'whole',
        ];
        $before = new Trail(Tables::of('orchard-sprayer'), Tables::lamp('orchard-sprayer'), [Symptom::NeverRuns], Tables::answers('orchard-sprayer', $given), Tool::cases());
        self::assertNull($before->found());
        $tried = [...$given, 'lamp/rest+override=on/fan-1:-' => 'dark', 'volts/rest+override=on/fan-1:+' => 12.5, 'feed/fan-1' => 'stands', 'turn/fan-1' => 'turns-freely'];
        $after = new Trail(Tables::of('orchard-sprayer'), Tables::lamp('orchard-sprayer'), [Symptom::NeverRuns], Tables::answers('orchard-sprayer', $tried), Tool::cases());
        self::assertSame('fan-1', $after->found()?->id);
    }

    private static function across(FaultTable $table, string $wire): Test
    {
        foreach ($table->tests as $test) {
            if ($test->kind === TestKind::Across && $test->spot === $wire && $test->situation === 'hot-1') {
                return $test;
            }
        }

        throw new \OutOfBoundsException($wire);
    }

    private static function joint(FaultTable $table, string $part, float $ohm): int
    {
        foreach ($table->causes as $at => $cause) {
            if ($cause->fault($part)?->jointOhm() === $ohm) {
                return $at;
            }
        }

        throw new \OutOfBoundsException("{$part} {$ohm}");
    }
}
