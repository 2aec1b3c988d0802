<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Fault\Drifted;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\StuckOff;
use LampThread\Diagnosis\Cause;
use LampThread\Diagnosis\FailureRates;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\FaultTables;
use LampThread\Diagnosis\LampReading;
use LampThread\Diagnosis\OutsideCauses;
use LampThread\Diagnosis\Reading;
use LampThread\Diagnosis\Situation;
use LampThread\Diagnosis\Situations;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Test;
use LampThread\Diagnosis\TestKind;
use LampThread\Diagnosis\Tool;
use LampThread\Diagnosis\Trail;
use LampThread\Exchange\TrailPresenter;
use LampThread\Exchange\Wording;
use LampThread\Tests\Handover\Workshop;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What each test shows of each cause. */
final class FaultTableTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> test, fault, what is seen, all of the orchard sprayer */
    public static function seen(): iterable
    {
        yield 'a blown fuse is pulled' => ['pull/fan-1-fuse', 'fan-1-fuse=open', 'blown'];
        yield 'a bridged one' => ['pull/fan-1-fuse', 'fan-1-fuse=fuse-bridged', 'other-rating'];
        yield 'one that a rubbed wire has blown' => ['pull/fan-1-fuse', 'W3=chafed', 'blown'];
        yield 'a whole one' => ['pull/fan-1-fuse', 'fan-1=open', 'whole'];
        yield 'a new fuse where the old was only old' => ['renew/fan-1-fuse', 'fan-1-fuse=open', 'mended'];
        yield 'a new fuse where the old was sound' => ['renew/fan-1-fuse', 'fan-1-relay=stuck-off', 'holds'];
        yield 'a new fuse on a short' => ['renew/fan-1-fuse', 'W3=chafed', 'opens-at-once'];
        yield 'another relay in its place' => ['swap/fan-1-relay', 'fan-1-relay=coil-open', 'cured'];
        yield 'another relay on wrong wires' => ['swap/fan-1-relay', 'fan-1-relay=exchanged-30-87', 'same'];
        yield 'another relay, the fan being dead' => ['swap/fan-1-relay', 'fan-1=open', 'same'];
        yield 'a fan fed by hand' => ['feed/fan-1', 'fan-1-relay=stuck-off', 'turns'];
        yield 'a dead fan fed by hand' => ['feed/fan-1', 'fan-1=open', 'stands'];
        yield 'a shorted one' => ['feed/fan-1', 'fan-1=short', 'fuse-blows'];
        yield 'one on turned leads' => ['feed/fan-1', 'fan-1=leads-exchanged', 'backwards'];
        yield 'a blade that is held' => ['turn/fan-1', 'fan-1=jammed', 'held-fast'];
        yield 'a finger on a relay that is welded: nothing moves' => ['listen/hot-1/fan-1-relay', 'fan-1-relay=stuck-on', 'out'];
        yield 'a finger on one that pulls in with burnt contacts' => ['listen/hot-1/fan-1-relay', 'fan-1-relay=contact-pin-out', 'in'];
        yield 'a coil in the hand' => ['coil/fan-1-relay', 'fan-1-relay=coil-open', 'open'];
        yield 'a coil shorted' => ['coil/fan-1-relay', 'fan-1-relay=coil-short', 'short'];
        yield 'a wire looked along' => ['along/W3', 'W3=chafed', 'rubbed'];
        yield 'a wire that is only broken' => ['along/W3', 'W3=open', 'sound'];
        yield 'a switch in hot water' => ['sensor/stage-1-switch', 'stage-1-switch=stuck-off', 'never-acts'];
        yield 'one that reads low' => ['sensor/stage-1-switch', 'stage-1-switch=drifted', 'acts-late'];
        yield 'one that always acts' => ['sensor/stage-1-switch', 'stage-1-switch=stuck-on', 'always-acts'];
        yield 'a warm-up' => ['warm-up', 'stage-1-switch=drifted-high', 'fan-1=early'];
        yield 'a warm-up with a dead fan' => ['warm-up', 'fan-1=open', 'fan-1=not'];
        yield 'its leads joined, a dead switch runs the fan' => ['look/hot-1', 'stage-1-switch=stuck-off', 'fan-1=fast'];
        yield 'its leads joined, a broken lead does not' => ['look/hot-1', 'W7=open', 'fan-1=stands'];
        yield 'unplugged, a switch that stays hot lets go' => ['look/unplugged-stage-1-switch', 'stage-1-switch=stuck-on', 'fan-1=stands'];
        yield 'unplugged, a rubbed lead does not' => ['look/unplugged-stage-1-switch', 'W7=chafed', 'fan-1=fast'];
        yield 'the level' => ['cooling/coolant-level', 'coolant-low', 'low'];
        yield 'the level otherwise' => ['cooling/coolant-level', 'fan-1=open', 'full'];
    }

    #[DataProvider('seen')]
    public function test_what_is_seen_of_a_fault(string $test, string $fault, string $answer): void
    {
        $known = Tables::of('orchard-sprayer')->tests[$test];
        $cause = Tables::cause('orchard-sprayer', $fault);
        self::assertSame($answer, $known->answers[(int) Tables::of('orchard-sprayer')->shown($known, [$cause])[$cause]]);
    }

    /** @return iterable<string, array{string, string, float, float}> test, fault, volts, and how near */
    public static function read(): iterable
    {
        yield 'volts behind a coil that is whole' => ['volts/rest/fan-1-relay:85', 'stage-1-switch=stuck-off', 12.5, 0.2];
        yield 'and behind one that is broken, through the resistor across it' => ['volts/rest/fan-1-relay:85', 'fan-1-relay=coil-open', 12.5, 0.2];
        yield 'not so beyond a broken feed of the coil' => ['volts/rest/fan-1-relay:85', 'coil-fuse=open', 0.0, 0.1];
        yield 'nothing behind a fuse that is out' => ['volts/rest/fan-1-fuse:2', 'fan-1-fuse=open', 0.0, 0.05];
        yield 'all before it' => ['volts/rest/fan-1-fuse:1', 'fan-1-fuse=open', 12.6, 0.2];
        yield 'all of it lost at an open contact' => ['drop/rest+override=on/fan-1-plug:1', 'fan-1-relay=open', 12.4, 0.4];
        yield 'current of a fan that runs' => ['clamp/rest+override=on/W4', 'stage-1-switch=stuck-off', 14.0, 1.5];
        yield 'none of one that stands' => ['clamp/rest+override=on/W4', 'fan-1=open', 0.0, 0.05];
    }

    #[DataProvider('read')]
    public function test_what_is_read_of_a_fault(string $test, string $fault, float $value, float $near): void
    {
        $cause = Tables::cause('orchard-sprayer', $fault);
        self::assertEqualsWithDelta($value, Tables::of('orchard-sprayer')->shown(Tables::of('orchard-sprayer')->tests[$test], [$cause])[$cause], $near);
    }

    public function test_a_table_is_kept_and_comes_back_as_it_was(): void
    {
        $table = Tables::of('kestrel-single-seater');
        $kept = unserialize(serialize($table));
        self::assertInstanceOf(FaultTable::class, $kept);
        $causes = array_keys($table->causes);
        foreach (array_slice(array_values($table->tests), 0, 40) as $test) {
            self::assertSame($table->shown($test, $causes), $kept->shown($test, $causes));
        }
    }

    public function test_several_tables_are_one_and_what_one_has_not_is_absent(): void
    {
        [$one, $two] = [Tables::of('orchard-sprayer'), Tables::of('larkspur-camper')];
        $joined = FaultTable::joined([$one, $two], [1.0, 3.0]);
        self::assertCount(count($one->causes) + count($two->causes), $joined->causes);
        $weights = [0.0, 0.0];
        foreach ($joined->causes as $cause) {
            $weights[$cause->subject] += $cause->weight;
        }
        self::assertEqualsWithDelta(3.0, $weights[1] / $weights[0], 1e-6);
        $swap = $joined->tests['swap/fan-2-relay'];
        self::assertSame(FaultTable::ABSENT, $joined->shown($swap, [0])[0], 'the first has no second relay');
        $last = count($joined->causes) - 1;
        self::assertNotSame(FaultTable::ABSENT, $joined->shown($swap, [$last])[$last]);
        // The same look is the same answer, wherever it stands in either.
        $look = $joined->tests['look/rest'];
        foreach ([[0, 0, $one], [count($one->causes), 0, $two]] as [$at, $own, $table]) {
            $answer = $table->tests['look/rest']->answers[(int) $table->shown($table->tests['look/rest'], [$own])[$own]];
            self::assertSame($answer, $look->answers[(int) $joined->shown($look, [$at])[$at]]);
        }
        self::assertSame($two->shows(5, Symptom::NeverRuns), $joined->shows(count($one->causes) + 5, Symptom::NeverRuns));
    }

    /** @return iterable<string, array{string}> */
    public static function jobs(): iterable
    {
        foreach (Workshop::jobs() as $job) {
            yield $job => [$job];
        }
    }

    #[DataProvider('jobs')]
    public function test_every_test_and_every_cause_has_its_words(string $job): void
    {
        $table = Tables::of($job);
        $presenter = new TrailPresenter([Workshop::sizing($job)->circuit]);
        $wording = Wording::english();
        foreach ($table->tests as $id => $test) {
            $told = $wording->worded($presenter->test($test, $table->situations));
            self::assertNotSame('', $told['title'], $id);
            self::assertStringNotContainsString('{', $told['title'].implode('', array_column($told['options'], 'says')), $id);
            self::assertSame($test->kind->isNumber(), $told['reads'] !== null, $id);
            if ($test->kind === TestKind::Lamp) {
                self::assertSame(Rail::EARTH, $told['leads'][1]['spot'], 'the lamp’s clip is on the minus');
            }
        }
        foreach ($table->causes as $cause) {
            self::assertNotSame('', $wording->text($presenter->says($cause)));
        }
    }

    #[DataProvider('jobs')]
    public function test_no_lamp_is_held_on_electronics_and_no_lead_on_what_has_no_place(string $job): void
    {
        $circuit = Workshop::sizing($job)->circuit;
        foreach (Tables::of($job)->tests as $test) {
            if ($test->kind === TestKind::Lamp) {
                $component = $circuit->componentAt($test->spot);
                self::assertFalse($component?->isSplice() === true, $test->id());
                self::assertNull($component?->electronics(), $test->id());
            }
            self::assertGreaterThan(0.0, $test->minutes, $test->id());
        }
    }

    public function test_a_sensor_made_to_act_at_its_plug_acts_whatever_it_has(): void
    {
        $situation = new Situation('acted', Tables::of('orchard-sprayer')->situations['hot-1']->conditions, [], 1.0, ['stage-1-switch' => true, 'other' => false]);
        self::assertSame(FaultKind::StuckOn, $situation->felt(['stage-1-switch' => new StuckOff])->fault('stage-1-switch')?->kind);
        self::assertNull($situation->felt(['stage-1-switch' => Drifted::low()])->fault('stage-1-switch'), 'however far it has drifted');
        self::assertSame(FaultKind::StuckOff, $situation->felt(['other' => new StuckOff])->fault('other')?->kind, 'a controller is not joined past');
        self::assertSame(FaultKind::Open, $situation->felt(['fan-1' => new Open])->fault('fan-1')?->kind);
        $opened = (new Cause(1.0, ['W3' => new StuckOff]))->withOpened(['fan-1-fuse'])->feltIn($situation);
        self::assertSame(FaultKind::Open, $opened->fault('fan-1-fuse')?->kind, 'it comes with its fuse blown');
    }

    public function test_situations_are_those_of_the_plan_and_those_a_driver_tells_of(): void
    {
        $camper = new Situations(Workshop::sizing('larkspur-camper')->circuit);
        self::assertSame(['hot-1', 'hot-2'], $camper->acted);
        self::assertSame(['heat-1', 'heat-2'], $camper->heat);
        self::assertSame(Situations::LATE, $camper->full);
        self::assertArrayHasKey(Situations::AIR_CONDITIONING, $camper->all);
        self::assertFalse($camper->all[Situations::LATE]->isTested, 'nobody measures beyond the red');
        self::assertFalse($camper->all['unplugged-stage-1-switch']->isMeasured(), 'it is only looked whether the fan stops');
        self::assertGreaterThan($camper->all['hot-1']->minutes, $camper->all['hot-2']->minutes, 'two sensors take longer than one');
        self::assertArrayNotHasKey(Situations::AIR_CONDITIONING, (new Situations(Workshop::sizing('orchard-sprayer')->circuit))->all);
    }

    public function test_rates_are_of_the_kind_of_part_and_grow_with_what_is_found(): void
    {
        $circuit = Workshop::sizing('orchard-sprayer')->circuit;
        $shipped = new FailureRates($circuit);
        self::assertSame('make-contact/stuck-off', $shipped->classOf('fan-1-relay', FaultKind::StuckOff));
        self::assertSame('wire/chafed', $shipped->classOf('W3', FaultKind::Chafed));
        self::assertGreaterThan($shipped->weight('W3', FaultKind::Open), $shipped->weight('fan-1', FaultKind::Open), 'motors before wires');
        $own = new FailureRates($circuit, ['wire/open' => 7]);
        self::assertEqualsWithDelta($shipped->weight('W3', FaultKind::Open) + 7, $own->weight('W3', FaultKind::Open), 1e-9);
        self::assertGreaterThan(0.0, $shipped->reachMinutes('override'), 'a switch sits behind the dash');
        self::assertSame(0.0, $shipped->reachMinutes('fan-1-relay'));
        self::assertLessThan(FailureRates::ofPair(1.0, 1.0), FailureRates::ofPair(0.5, 1.0));
    }

    public function test_what_is_wrong_outside_the_circuit_has_a_test_that_shows_it(): void
    {
        $answers = [];
        foreach (OutsideCauses::all()->tests as $test) {
            $answers[$test->spot] = $test->answers;
        }
        $told = [];
        foreach (OutsideCauses::all()->causes as $cause) {
            self::assertNotSame([], $cause->shows, $cause->id);
            self::assertNotSame([], $cause->answers, "{$cause->id} could never be told from the rest");
            foreach ($cause->answers as $test => $answer) {
                self::assertContains($answer, array_slice($answers[$test], 1), "{$cause->id}: {$test}");
            }
            $told[] = json_encode($cause->answers);
        }
        self::assertSame($told, array_unique($told), 'no two show the same');
    }

    /** What a vehicle has not is no cause of its trouble: no engine's fan, no coupling; no air conditioning, no condenser. */
    public function test_only_what_the_vehicle_has_is_looked_for(): void
    {
        $ids = static fn (array $changes): array => array_column(OutsideCauses::of(Orchard::brief($changes))->causes, 'id');
        $bare = $ids(['/engineFan' => null, '/control/airConditioning' => null]);

        self::assertSame([], array_intersect(['coupling-worn', 'condenser-dirty', 'condenser-unsealed', 'refrigerant'], $bare));
        self::assertContains('battery-old', $bare);
        self::assertContains('refrigerant', array_column(OutsideCauses::of(Workshop::sizing('larkspur-camper')->brief)->causes, 'id'));
        self::assertSame(
            [], array_diff(array_keys(array_merge(...array_column(OutsideCauses::all()->causes, 'answers'))), array_column(OutsideCauses::all()->tests, 'spot')),
        );
    }

    /** What is outside the circuit is called as no part of it is, so that nobody holds a lead on a question. */
    public function test_no_test_outside_the_circuit_is_called_like_a_part(): void
    {
        foreach (['larkspur-camper', 'dunmore-fire-tender'] as $job) {
            $circuit = Workshop::sizing($job)->circuit;
            foreach (OutsideCauses::all()->tests as $test) {
                self::assertNull($circuit->part($test->spot), $test->spot);
                self::assertNotSame('the battery’s minus lead', Orchard::english((new TrailPresenter([$circuit]))->title($test)));
            }
        }
    }

    /** A flat battery is looked for in battery, alternator, driver and other loads too; a fan built to run on is built so, and nothing is named broken. */
    public function test_what_is_outside_the_circuit_is_found(): void
    {
        $flat = Tables::trail('orchard-sprayer', [Symptom::BatteryFlat], ['vehicle/battery-load' => 'weak']);
        self::assertSame('battery-old', $flat->places()[0]->id);
        $others = array_column(Tables::trail('orchard-sprayer', [Symptom::BatteryFlat])->places(), 'id');
        self::assertSame([], array_diff(['battery-old', 'other-drain', 'left-on', 'not-charging'], $others));
        $built = Orchard::sizing(['/control/coilFeed' => 'battery']);
        $table = FaultTables::of($built, Orchard::shelf(), new FailureRates($built->circuit));
        $trail = new Trail($table, new LampReading([$built->circuit], 12), [Symptom::RunsKeyOut], [], Tool::cases());
        $so = array_values(array_filter($table->causes, static fn (Cause $cause): bool => $cause->isBuiltSo));

        self::assertSame(['built-to-run-on'], array_map(static fn (Cause $cause): string => $cause->place(), $so));
        self::assertTrue($so[0]->isNone(), 'nothing is broken');
        $runsOn = Orchard::sizing(['/control/afterRun' => ['delayS' => 200]]);
        $kinds = static fn (FaultTable $of): array => array_filter($of->causes, static fn (Cause $cause): bool => $cause->isBuiltSo);
        self::assertCount(1, $kinds(FaultTables::of($runsOn, Orchard::shelf(), new FailureRates($runsOn->circuit))), 'a time relay runs on with the key out');
        self::assertCount(0, $kinds(Tables::of('orchard-sprayer')));
        self::assertContains('built-to-run-on', array_column(array_slice($trail->places(), 0, 3), 'id'));
        self::assertSame([], array_filter(Tables::of('kestrel-single-seater')->causes, static fn (Cause $cause): bool => $cause->outside === 'nothing-asks'));
    }

    /** A puller draws paper to its core; with its leads exchanged it blows it away, and a fan that stands holds none. */
    #[TestWith(['', 'holds-everywhere'])]
    #[TestWith(['fan-1=leads-exchanged', 'blown-away'])]
    #[TestWith(['fan-1=open', 'falls'])]
    #[TestWith(['fan-1-fuse=open', 'falls'])]
    public function test_paper_at_the_core(string $fault, string $does): void
    {
        $table = Tables::of('orchard-sprayer');
        $test = $table->tests['cooling/paper'];
        foreach ($table->causes as $at => $cause) {
            $is = implode('+', array_map(static fn (string $part, Fault $one): string => "{$part}={$one->kind->value}", array_keys($cause->faults), $cause->faults));
            if ($is === $fault && $cause->outside === null) {
                self::assertSame($does, $test->answers[(int) $table->shown($test, [$at])[$at]]);

                return;
            }
        }
        self::fail("{$fault} is no cause");
    }

    /** A pin that has backed out of a relay's socket: its wire is live, the relay sound in the hand, and another relay in that socket is no better. */
    #[TestWith(['coil-pin-out'])]
    #[TestWith(['contact-pin-out'])]
    public function test_a_pin_out_of_a_relays_socket(string $kind): void
    {
        $table = Tables::of('orchard-sprayer');
        foreach ($table->causes as $at => $cause) {
            if (($cause->faults['fan-1-relay'] ?? null)?->kind->value === $kind && count($cause->faults) === 1) {
                $shows = static fn (string $test): string => $table->tests[$test]->answers[(int) $table->shown($table->tests[$test], [$at])[$at]];
                self::assertSame(['same', 'as-told'], [$shows('swap/fan-1-relay'), $shows('coil/fan-1-relay')]);
                $live = $kind === 'coil-pin-out' ? '86' : '30';
                self::assertGreaterThan(11.0, $table->shown($table->tests["volts/hot-1/fan-1-relay:{$live}"], [$at])[$at]);
                self::assertTrue($table->shows($at, Symptom::NeverRuns));

                return;
            }
        }
        self::fail('no such cause');
    }

    public function test_readings_are_told_apart_by_what_instruments_tell_apart(): void
    {
        $volts = new Test(TestKind::Volts, 'rest', 'x:1', 1.0, []);
        $drop = new Test(TestKind::Drop, 'rest', 'x:1', 1.0, []);
        $look = new Test(TestKind::Look, 'rest', '', 1.0, ['a', 'b']);
        self::assertGreaterThan(0.9, Reading::likelihood($volts, 12.4, 12.5), 'the battery is a little lower than told');
        self::assertLessThan(0.05, Reading::likelihood($volts, 10.0, 12.5));
        self::assertLessThan(0.05, Reading::likelihood($drop, 1.0, 0.1), 'a volt lost is not a tenth lost');
        self::assertSame(1.0, Reading::likelihood($look, 1.0, 1.0));
        self::assertLessThan(Reading::WRONG, Reading::likelihood($look, 1.0, 0.0), 'whether a fan turns nobody mistakes');
        self::assertSame(Reading::WRONG, Reading::likelihood($volts, 12.0, FaultTable::ABSENT));
        self::assertLessThanOrEqual(1, abs(Reading::outcome($volts, 12.5) - Reading::outcome($volts, 12.4)));
        self::assertNotSame(Reading::outcome($volts, 12.5), Reading::outcome($volts, 8.0));
        self::assertNotSame(Reading::outcome($volts, 3.0), Reading::outcome($volts, -3.0));
        $lamp = new Test(TestKind::Lamp, 'rest', 'x:1', 1.0, ['dark', 'dim', 'bright']);
        self::assertGreaterThan(Reading::likelihood($lamp, 0.0, 2.0), Reading::likelihood($lamp, 1.0, 2.0), 'dim is taken for bright sooner than dark is');
    }

    public function test_each_kind_of_test_wants_a_tool_and_takes_its_time(): void
    {
        foreach (TestKind::cases() as $kind) {
            self::assertContains($kind->tool(), Tool::cases());
            self::assertGreaterThanOrEqual(0.0, $kind->minutes());
        }
        self::assertNotContains(Tool::ScanTool, Tool::usual());
        self::assertNotNull(TestKind::Feed->caution(), 'a bare wire burns');
    }
}
