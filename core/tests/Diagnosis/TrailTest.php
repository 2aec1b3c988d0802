<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Diagnosis\Again;
use LampThread\Diagnosis\Answer;
use LampThread\Diagnosis\FailureRates;
use LampThread\Diagnosis\NextTest;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Test;
use LampThread\Diagnosis\TestKind;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Trail;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Operation\Solver;
use LampThread\Tests\Handover\Workshop;
use LampThread\Tests\Operation\Ngspice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** From a complaint to the fault: what is likely, what is tested next, and what is said when answers do not go together. */
final class TrailTest extends TestCase
{
    /** @return iterable<string, array{string, Symptom}> complaints of which every fault that shows them is looked for; bench/trail.php takes all */
    public static function complaints(): iterable
    {
        yield 'orchard, never runs' => ['orchard-sprayer', Symptom::NeverRuns];
        yield 'orchard, a fuse blows' => ['orchard-sprayer', Symptom::FuseBlows];
        yield 'orchard, runs weakly' => ['orchard-sprayer', Symptom::RunsWeakly];
        if (getenv('LAMP_SEED') !== false) {
            // The largest takes half a minute.
            yield 'camper, one fan dead' => ['larkspur-camper', Symptom::OneFanDead];
        }
        yield 'single-seater, never stops' => ['kestrel-single-seater', Symptom::NeverStops];
        yield 'tender, runs with the key out' => ['dunmore-fire-tender', Symptom::RunsKeyOut];
        yield 'buggy, too late' => ['saltmarsh-survey-buggy', Symptom::ComesLate];
        yield 'van, low gone' => ['tern-step-van', Symptom::LowGone];
    }

    #[DataProvider('complaints')]
    public function test_every_fault_that_shows_it_is_found_in_few_tests(string $job, Symptom $symptom): void
    {
        $table = Tables::of($job);
        $walk = Tables::walk($job);
        $tests = 0;
        $places = [];
        $causes = array_values(array_filter(array_keys($table->causes), static fn (int $at): bool => $table->shows($at, $symptom)));
        self::assertNotSame([], $causes);
        foreach ($causes as $at) {
            $place = $table->causes[$at]->place();
            $places[$place] = true;
            $answers = $walk->toFault($at, [$symptom])['answers'];
            $found = (new Trail($table, Tables::lamp($job), [$symptom], $answers, Tool::cases()))->places();
            self::assertSame($place, $found[0]->id, "{$place} as {$symptom->value}");
            $tests += count($answers);
        }
        // What is named is tried itself first, and what only one look says is looked at twice.
        self::assertLessThanOrEqual(log(count($places), 2) + 3.0, $tests / count($causes), 'tests on average');
    }

    public function test_what_is_likely_goes_with_what_is_told_and_with_every_answer(): void
    {
        $told = Tables::trail('orchard-sprayer', [Symptom::NeverRuns]);
        self::assertEqualsWithDelta(1.0, array_sum($told->shares) + $told->unlistedShare(), 1e-9);
        self::assertSame('fan-1', $told->places()[0]->id, 'a motor fails most often');
        $run = Tables::trail('orchard-sprayer', [Symptom::NeverRuns], ['look/rest+override=on' => 'fan-1=fast']);
        self::assertSame('stage-1-switch', $run->places()[0]->id, 'the dash switch runs it: what the switch in the hose does is left');
        self::assertLessThan(0.02, self::share($run, 'fan-1'));
        self::assertNull(Tables::trail('orchard-sprayer', [Symptom::NeverRuns], ['look/hot-1' => 'fan-1=fast'])->doubted(), 'a fan that runs today contradicts nobody');
        $both = Tables::trail('orchard-sprayer', [Symptom::NeverRuns], ['look/rest+override=on' => 'fan-1=fast', 'look/hot-1' => 'fan-1=fast', 'cooling/coolant-level' => 'low']);
        self::assertSame('coolant-low', $both->places()[0]->id, 'its leads joined it runs too, and there is no coolant');
    }

    public function test_tests_are_offered_by_what_is_at_hand_and_not_twice(): void
    {
        $kinds = static fn (Trail $trail): array => array_unique(array_map(static fn (Test $test): string => $test->kind->value, $trail->offered()));
        $eyes = new Trail(Tables::of('orchard-sprayer'), Tables::lamp('orchard-sprayer'), [Symptom::NeverRuns], [], [Tool::Eyes]);
        self::assertNotContains('volts', $kinds($eyes));
        self::assertNotContains('swap', $kinds($eyes));
        self::assertNotSame([], $eyes->next());
        $first = $eyes->next()[0]->test;
        foreach ([null, 0.0] as $value) {
            $after = new Trail(Tables::of('orchard-sprayer'), Tables::lamp('orchard-sprayer'), [Symptom::NeverRuns], [new Answer($first, $value)], [Tool::Eyes]);
            self::assertNotContains($first->id(), array_map(static fn (NextTest $next): string => $next->test->id(), $after->next()));
        }
        $unsure = new Trail(Tables::of('orchard-sprayer'), Tables::lamp('orchard-sprayer'), [Symptom::NeverRuns], [new Answer($first, null)], [Tool::Eyes]);
        self::assertEqualsWithDelta($eyes->shares[3], $unsure->shares[3], 1e-12, 'who is not sure tells nothing');
    }

    public function test_a_test_says_how_it_splits_and_what_it_takes_from_where_the_vehicle_stands(): void
    {
        $trail = Tables::trail('orchard-sprayer', [Symptom::NeverRuns]);
        foreach ($trail->next() as $next) {
            self::assertGreaterThan(1, count($next->splits));
            self::assertGreaterThan(0.0, $next->bits);
            self::assertEqualsWithDelta($trail->minutes($next->test), $next->minutes, 1e-9);
        }
        $there = Tables::trail('orchard-sprayer', [Symptom::NeverRuns], ['look/rest+override=on' => 'fan-1=stands']);
        $volts = Tables::of('orchard-sprayer')->tests['volts/rest+override=on/fan-1-relay:86'];
        self::assertLessThan($trail->minutes($volts), $there->minutes($volts), 'the switch is on already');
    }

    public function test_an_identical_relay_is_swapped_first_where_that_tells_nearly_as_much(): void
    {
        // With the key out nothing but the relay and its trigger can be wrong.
        $trail = Tables::trail('larkspur-camper', [Symptom::NoClick, Symptom::WarmAirConditioning]);
        $swaps = array_values(array_filter($trail->next(), static fn (NextTest $next): bool => $next->test->kind === TestKind::Swap));
        self::assertNotSame([], $swaps);
        self::assertEqualsWithDelta(0.3, $swaps[0]->minutes, 1e-9, 'its twin is beside it');
    }

    /** Which fan stands is looked at before anything is swapped. */
    public function test_it_is_looked_before_a_relay_is_swapped(): void
    {
        foreach ([Symptom::Overheats, Symptom::NeverRuns, Symptom::ClicksAndNothing] as $told) {
            $kinds = array_map(static fn (NextTest $next): TestKind => $next->test->kind, Tables::trail('larkspur-camper', [$told])->next());
            $swap = array_search(TestKind::Swap, $kinds, true);
            self::assertTrue($swap === false || array_search(TestKind::Look, $kinds, true) < $swap, $told->value);
        }
    }

    public function test_answers_that_do_not_go_together_are_said_and_one_is_doubted(): void
    {
        $good = Tables::trail('orchard-sprayer', [Symptom::NeverRuns], ['pull/fan-1-fuse' => 'blown', 'renew/fan-1-fuse' => 'mended']);
        self::assertNull($good->doubted());
        $bad = Tables::trail('orchard-sprayer', [Symptom::NeverRuns], [
            'look/rest+override=on' => 'fan-1=fast', 'swap/fan-1-relay' => 'same', 'volts/rest+override=on/fan-1:+' => 0.0, 'look/hot-1' => 'fan-1=fast',
        ]);
        $doubted = $bad->doubted();
        self::assertSame('volts/rest+override=on/fan-1:+', $doubted?->answer?->test->id(), 'a fan that runs has volts');
        $told = Tables::trail('orchard-sprayer', [Symptom::NeverRuns, Symptom::FuseBlows], ['renew/fan-1-fuse' => 'mended', 'pull/fan-1-fuse' => 'blown']);
        self::assertSame(Symptom::FuseBlows, $told->doubted()?->symptom, 'a fuse that holds does not blow');
    }

    public function test_what_hangs_on_one_look_is_looked_at_once_more(): void
    {
        $once = ['renew/fan-1-fuse' => 'opens-at-once', 'turn/fan-1' => 'turns-freely', 'along/W4' => 'sound', 'along/W3' => 'rubbed'];
        $trail = Tables::trail('orchard-sprayer', [Symptom::NeverRuns], $once);
        self::assertSame('W3', $trail->places()[0]->id);
        self::assertNull($trail->found(), 'nobody cuts a loom open for one look');
        $next = $trail->next()[0]->test;
        self::assertSame('along/W3', $next->id());
        self::assertSame(Again::Decides, $trail->again($next));
        $answers = array_map(
            static fn (string $id, string $seen): Answer => new Answer($trail->table->tests[$id], (float) array_search($seen, $trail->table->tests[$id]->answers, true)),
            [...array_keys($once), 'along/W3'], [...array_values($once), 'rubbed'],
        );
        self::assertSame('W3', (new Trail($trail->table, Tables::lamp('orchard-sprayer'), [Symptom::NeverRuns], $answers, Tool::cases()))->found()?->id);
    }

    /** With “never runs” alone a relay is one of many: what another cured is put back, and must fail again. */
    public function test_a_relay_that_cured_it_is_swapped_back_once(): void
    {
        $once = Tables::trail('larkspur-camper', [Symptom::Overheats], ['swap/fan-1-relay' => 'cured']);
        self::assertSame('fan-1-relay', $once->places()[0]->id);
        self::assertNull($once->found(), 'it may have gone away by itself');
        $swap = $once->table->tests['swap/fan-1-relay'];
        $cured = new Answer($swap, (float) array_search('cured', $swap->answers, true));
        $twice = new Trail($once->table, Tables::lamp('larkspur-camper'), [Symptom::Overheats], [$cured, $cured], Tool::cases());
        self::assertSame('fan-1-relay', $twice->found()?->id);
    }

    public function test_an_answer_that_goes_against_the_rest_is_asked_again_itself(): void
    {
        $trail = Tables::trail('orchard-sprayer', [Symptom::NeverRuns], [
            'look/rest+override=on' => 'fan-1=fast', 'swap/fan-1-relay' => 'same', 'volts/rest+override=on/fan-1:+' => 0.0, 'sensor/stage-1-switch' => 'never-acts',
        ]);
        $next = $trail->next()[0]->test;

        self::assertSame('volts/rest+override=on/fan-1:+', $next->id());
        self::assertSame(Again::Contradicts, $trail->again($next));
    }

    /** The fan stood, ran and stood again: a joint that opens when it likes. It is looked for again where it was, and no place is named for it. */
    public function test_what_comes_and_goes_is_tested_again(): void
    {
        $table = Tables::of('orchard-sprayer');
        $look = $table->tests['look/rest+override=on'];
        $seen = static fn (string $look, string ...$each): array => array_map(
            static fn (string $one): Answer => new Answer($table->tests[$look], (float) array_search($one, $table->tests[$look]->answers, true)), array_values($each),
        );
        $trail = new Trail($table, Tables::lamp('orchard-sprayer'), [Symptom::NeverRuns], $seen($look->id(), 'fan-1=stands', 'fan-1=fast', 'fan-1=stands'), Tool::cases());

        self::assertTrue($trail->isRestless());
        self::assertNull($trail->found());
        self::assertNotSame('', $trail->fleetingPlaces()[0]->id);
        $once = new Trail($table, Tables::lamp('orchard-sprayer'), [Symptom::NeverRuns], $seen($look->id(), 'fan-1=stands', 'fan-1=fast'), Tool::cases());
        self::assertContains($look, $once->offered(), 'it may stand again');
        $pulled = [...$seen($look->id(), 'fan-1=stands', 'fan-1=fast'), ...$seen('pull/fan-1-fuse', 'whole')];
        $after = new Trail($table, Tables::lamp('orchard-sprayer'), [Symptom::NeverRuns], $pulled, Tool::cases());
        self::assertNotContains($table->tests['pull/fan-1-fuse'], $after->offered(), 'a whole fuse stays whole');
    }

    /** What nobody foresaw speaks against everything on the list alike, and for what is not on it. */
    public function test_what_no_answer_says_makes_something_else_likelier(): void
    {
        $table = Tables::of('orchard-sprayer');
        $trail = static fn (Answer ...$answers): Trail => new Trail($table, Tables::lamp('orchard-sprayer'), [Symptom::NeverRuns], array_values($answers), Tool::cases());
        $else = new Answer($table->tests['look/hot-1'], null, 'it turns and screams');
        $before = $trail();
        $after = $trail($else);

        self::assertGreaterThan(5 * $before->unlistedShare(), $after->unlistedShare());
        self::assertSame($before->places()[0]->id, $after->places()[0]->id);
        self::assertNotContains('look/hot-1', array_map(static fn (Test $test): string => $test->id(), $after->offered()));
    }

    public function test_what_no_fault_shows_is_said_and_the_nearest_is_told(): void
    {
        $trail = Tables::trail('orchard-sprayer', [Symptom::NeverRuns, Symptom::NeverStops]);
        self::assertFalse($trail->isExplained());
        self::assertNotSame([], $trail->places());
        self::assertTrue(Tables::trail('orchard-sprayer', [Symptom::NeverRuns, Symptom::NoClick])->isExplained());
    }

    public function test_the_fault_is_confirmed_by_what_must_then_be_true_too(): void
    {
        $blown = Tables::trail('saltmarsh-survey-buggy', [Symptom::FuseBlows], ['renew/fan-1-fuse' => 'opens-later']);
        self::assertSame('fan-1', $blown->places()[0]->id, 'a fan that is held fast opens its fuse by and by');
        self::assertNull($blown->found(), 'nobody has had a hand on its blade');
        $trail = Tables::trail('saltmarsh-survey-buggy', [Symptom::FuseBlows], ['renew/fan-1-fuse' => 'opens-later', 'turn/fan-1' => 'held-fast']);
        self::assertSame('fan-1', $trail->found()?->id);
        $dead = Tables::trail('orchard-sprayer', [Symptom::NeverRuns], ['look/rest+override=on' => 'fan-1=stands', 'lamp/rest+override=on/fan-1:+' => 'bright']);
        self::assertNotSame('volts/rest+override=on/fan-1:+', $dead->confirming()?->test->id(), 'a meter where the lamp was says nothing new');
        self::assertNull(Tables::trail('orchard-sprayer', [Symptom::NeverRuns], ['swap/fan-1-relay' => 'cured'])->confirming(), 'its cure is its proof');
        $confirming = $trail->confirming();
        self::assertNotNull($confirming);
        $jammed = Tables::cause('saltmarsh-survey-buggy', 'fan-1=jammed');
        self::assertEqualsWithDelta((float) $confirming->value, $trail->shown($confirming->test, [$jammed])[$jammed], 1e-6);
    }

    public function test_what_the_workshop_found_itself_counts(): void
    {
        $circuit = Workshop::sizing('orchard-sprayer')->circuit;
        $table = Tables::of('orchard-sprayer')->weighedBy(new FailureRates($circuit, ['plug/open' => 40]));
        $trail = new Trail($table, Tables::lamp('orchard-sprayer'), [Symptom::NeverRuns], [], Tool::usual());
        self::assertSame('fan-1-plug', $trail->places()[0]->id);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function readings(): iterable
    {
        yield 'a coil that is open' => ['orchard-sprayer', 'fan-1-relay=coil-open', 'rest+override=on'];
        yield 'an earth gone bad' => ['dunmore-fire-tender', 'earth-bay=high-resistance', 'rest+override=on'];
        yield 'a plug off' => ['larkspur-camper', 'fan-2-plug=open', 'rest+override=on'];
        yield 'a contact with the key out' => ['kestrel-single-seater', 'fan-1-relay=stuck-on', 'key-off'];
        yield 'a coil of three relays' => ['tern-step-van', 'series-relay=coil-open', 'rest+override=low'];
    }

    /** Every voltage that would be read with a fault, in ngspice on the exported netlist. */
    #[DataProvider('readings')]
    public function test_what_would_be_read_is_what_ngspice_finds(string $job, string $fault, string $situation): void
    {
        $at = Tables::cause($job, $fault);
        $table = Tables::of($job);
        $circuit = Workshop::sizing($job)->circuit;
        $stands = $table->situations[$situation];
        $point = (new Solver($circuit))->settle($stands->conditions->withFaults($table->causes[$at]->feltIn($stands)));
        $volts = Ngspice::operatingPoint(SpiceNetlist::of($point, $job));
        $read = 0;
        foreach ($table->tests as $test) {
            if ($test->kind === TestKind::Volts && $test->situation === $situation) {
                self::assertEqualsWithDelta($volts[SpiceNetlist::node($test->spot)] ?? 0.0, $table->shown($test, [$at])[$at], 0.01, $test->id());
                $read++;
            }
        }
        self::assertGreaterThan(10, $read);
    }

    private static function share(Trail $trail, string $place): float
    {
        foreach ($trail->places() as $one) {
            if ($one->id === $place) {
                return $one->share;
            }
        }

        return 0.0;
    }
}
