<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Exchange\SpreadsReader;
use LampThread\Message\Message;
use LampThread\Road\Advice;
use LampThread\Road\Bottleneck;
use LampThread\Road\Calibration;
use LampThread\Road\CoolingPolicy;
use LampThread\Road\Drive;
use LampThread\Road\Drives;
use LampThread\Road\Outcome;
use LampThread\Road\Sample;
use LampThread\Road\SetPointAdviser;
use LampThread\Road\Spreads;
use LampThread\Road\Sweep;
use LampThread\Road\SwitchingGap;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** What the trade knows of set points, seen on the road; and what is proposed and fitted. */
final class RoadTest extends TestCase
{
    private const DECIDER = '/control/stages/0/decider';

    /** Common practice, no source: with a thermostat of 82 °C, on at 83 to 85 °C works; with off below it the fan never stops. */
    public function test_a_fan_whose_off_is_below_the_thermostat_never_stops(): void
    {
        $place = [self::DECIDER.'/place' => 'engine-outlet'];
        $works = self::drive([...$place, self::DECIDER.'/onC' => 85.5, self::DECIDER.'/offC' => 84], '3-queue');
        $never = self::drive([...$place, self::DECIDER.'/onC' => 85, self::DECIDER.'/offC' => 79.4], '3-queue');

        self::assertLessThan(0.9, $works->result->runShare());
        self::assertGreaterThan(2.0, $works->result->startsPerHour());
        self::assertSame(1, $never->result->fanStarts);
        self::assertSame(1, $never->result->samples[count($never->result->samples) - 1]->running, 'it still runs');
    }

    /**
     * The relay of the fan that starts most is worn first. Where the second fan is never asked, a pair's first relay lasts as long as that of one
     * fan with as many starts: 100 000 operations over the starts of 400 hours a year.
     */
    public function test_of_two_relays_the_busier_is_worn_first(): void
    {
        $two = Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two at two temperatures']);
        $band = ['onC' => 90, 'offC' => 88.5];
        $outcome = self::drive([...$two, self::DECIDER => [...$two['/control']['stages'][0]['decider'], ...$band], '/control/stages/1/decider' => [
            ...$two['/control']['stages'][0]['decider'], 'onC' => 106, 'offC' => 100,
        ]], '3-queue');
        $result = $outcome->result;

        self::assertGreaterThan(2, $result->fanStarts);
        self::assertSame($result->fanStarts, $result->busiestStarts, 'only one of them has run');
        self::assertEqualsWithDelta(100_000 / ($result->busiestStarts / $result->lastedS * 3600 * 400), $outcome->relayYears, 0.01);
    }

    /** Both fans of one relay start together: each has as many starts as the relay. */
    public function test_fans_of_one_relay_wear_it_once(): void
    {
        $two = Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two on one relay']);
        $result = self::drive([...$two, self::DECIDER => [...$two['/control']['stages'][0]['decider'], 'onC' => 86, 'offC' => 84.5]], '3-queue')->result;

        self::assertGreaterThan(2, $result->busiestStarts);
        self::assertSame(2 * $result->busiestStarts, $result->fanStarts);
    }

    /** Common practice, no source: the bottom hose comes on later than the top hose. */
    /** A condenser fan whose pressure switch is its stage is air conditioning too, though no trigger of it is told. */
    public function test_a_pressure_switch_that_decides_is_air_conditioning(): void
    {
        $control = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/data/arrangements/condenser-fan-of-its-own.json'), true)['changes']['control'];
        $fans = array_map(static fn (int $n): array => ['id' => "fan-{$n}"] + Orchard::file()['fans'][0], [1, 2]);
        $codes = static fn (array $changes): array => array_column(self::drive($changes, '3-queue')->remarks, 'code');

        self::assertContains('road.no-compressor', $codes([]));
        self::assertNotContains('road.no-compressor', $codes(['/fans' => $fans, '/control' => $control]));
    }

    /** No drive knows how hot the oil is: its switch is at rest there, and that is said. */
    public function test_what_the_oil_asks_for_is_in_no_drive(): void
    {
        $codes = static fn (array $changes): array => array_column(self::drive($changes, '3-queue')->remarks, 'code');

        self::assertNotContains('road.other-at-rest', $codes([]));
        self::assertContains('road.other-at-rest', $codes(['/control/stages/0/parallel' => [Combination::deciders()['switch in the oil']]]));
    }

    public function test_the_bottom_hose_comes_on_later(): void
    {
        $first = static function (string $place): float {
            foreach (self::drive([self::DECIDER.'/place' => $place, self::DECIDER.'/onC' => 86, self::DECIDER.'/offC' => 83], '3-queue')->result->samples as $sample) {
                if ($sample->running > 0) {
                    return $sample->timeS;
                }
            }

            return INF;
        };

        self::assertGreaterThan($first('top-hose') + 30, $first('bottom-hose'));
    }

    /** Common practice, no source: 2 to 4 °F starts often, 10 °F seldom. */
    public function test_a_narrow_gap_starts_more_often_than_a_wide_one(): void
    {
        $starts = static fn (float $gapK): int => self::drive([self::DECIDER.'/onC' => 90, self::DECIDER.'/offC' => 90 - $gapK], '3-queue')->result->fanStarts;

        self::assertGreaterThan(1.4 * $starts(5.5), $starts(1.5));
    }

    /**
     * Common practice, no source: a proper pair with a full shroud holds 75 to 82 °C in traffic at 29 °C, where a single small fan sat near 90 °C.
     * What differs is told in the brief: fans, shroud, and a thermostat that lets it be that cool. Traffic creeps, at a fifteenth of rated power.
     */
    public function test_a_pair_with_a_shroud_holds_what_one_small_fan_does_not(): void
    {
        $cool = [
            '/heat' => ['ratedKw' => 80], '/cooling/thermostatOpensC' => 75, self::DECIDER.'/place' => 'engine-outlet', self::DECIDER.'/onC' => 80,
            self::DECIDER.'/offC' => 77,
        ];
        $fan = Orchard::file()['fans'][0];
        $pair = self::settled([
            ...$cool,
            '/fans' => [[...$fan, 'id' => 'fan-1', 'diameterMm' => 305, 'runA' => 11.5, 'startA' => 34, 'flowM3h' => 1900],
                [...$fan, 'id' => 'fan-2', 'diameterMm' => 305, 'runA' => 11.5, 'startA' => 34, 'flowM3h' => 1900]],
            '/control/stages/0/fans' => ['fan-1', 'fan-2'],
            '/fit/shroudPercent' => 100,
        ]);
        $small = self::settled([...$cool, '/fans/0/diameterMm' => 220, '/fans/0/runA' => 5, '/fans/0/startA' => 15, '/fans/0/flowM3h' => 600, '/fit/shroudPercent' => 0]);

        self::assertGreaterThan(74.4, $pair[0], 'half a kelvin for the gauge');
        self::assertLessThan(82.5, $pair[1]);
        self::assertEqualsWithDelta(90.0, $small[1], 4.0);
    }

    /** Common practice, no source: a lockout at 2000 rpm leaves a slow climb without a fan. */
    public function test_a_lockout_leaves_a_slow_climb_without_a_fan(): void
    {
        $free = self::drive([], '5-climb');
        $locked = self::drive(['/control/lockouts' => ['engineSpeed' => ['rpm' => 2000]]], '5-climb');

        self::assertLessThan(0.1, $locked->result->runShare());
        self::assertGreaterThan($free->result->peakC + 3, $locked->result->peakC);
        self::assertSame(Bottleneck::Lockout, $locked->limitedBy);
    }

    public function test_heat_soak_follows_a_stop_after_minutes_and_after_run_takes_some_of_it(): void
    {
        $low = [self::DECIDER.'/onC' => 86, self::DECIDER.'/offC' => 83, self::DECIDER.'/place' => 'engine-outlet'];
        $without = self::drive($low, '6-stop-after-climb');
        $with = self::drive([...$low, '/control/afterRun' => ['delayS' => 240]], '6-stop-after-climb');
        $pushed = self::drive([...$low, '/control/afterRun' => ['delayS' => 240, 'startedBy' => 'push']], '6-stop-after-climb');

        self::assertSame(Bottleneck::HeatSoak, $without->limitedBy);
        self::assertGreaterThan(621 + 60, $without->result->peakAtS, 'minutes after the stop, not at once');
        self::assertLessThan($without->result->endsC - 1, $with->result->endsC);
        self::assertLessThan($without->result->peakC + 0.05, $with->result->peakC);
        self::assertLessThan(-0.5, $with->result->keyOutAh);
        self::assertTrue($with->stillCranks);
        self::assertEqualsWithDelta($with->result->keyOutAh, $pushed->result->keyOutAh, 0.1, 'the button is pressed as the key goes out');
        self::assertContains('road.button-pressed', array_column($pushed->remarks, 'code'));
    }

    public function test_heat_altitude_and_weight_make_it_hotter(): void
    {
        $heavy = ['/roadLoad' => ['massKg' => 4500, 'frontalM2' => 3.0], '/heat' => ['ratedKw' => 80]];
        $peak = static fn (array $changes, float $altitudeM = 0.0, ?float $ambientC = null): float => Vehicle::of(Orchard::sizing([...$heavy, ...$changes]), $altitudeM)
            ->drive(Drives::standard()['5-climb']->at($ambientC, null))->result->peakC;
        $usual = $peak([]);

        self::assertGreaterThan($usual + 1, $peak([], 2500));
        self::assertGreaterThan($usual + 4, $peak([], 0.0, 40.0));
        self::assertGreaterThan($usual + 1, $peak(['/roadLoad' => ['massKg' => 5200, 'frontalM2' => 3.0]]));
    }

    public function test_behind_a_bare_core_a_fan_runs_longer(): void
    {
        $share = static fn (float $shroudPercent): float => self::drive(['/fit/shroudPercent' => $shroudPercent], '3-queue')->result->runShare();

        self::assertGreaterThan(1.15 * $share(100), $share(0));
    }

    public function test_a_stepless_fan_takes_less_than_one_that_is_switched(): void
    {
        $stepless = self::drive([
            self::DECIDER => ['kind' => 'stepless', 'onC' => 86, 'offC' => 84, 'place' => 'engine-outlet', 'spanK' => 8, 'leastDutyPercent' => 25],
            '/control/overrides' => [],
        ], '3-queue');
        $switched = self::drive([self::DECIDER.'/place' => 'engine-outlet', self::DECIDER.'/onC' => 86, self::DECIDER.'/offC' => 84], '3-queue');

        self::assertLessThan($switched->result->fanAh, $stepless->result->fanAh);
        self::assertEqualsWithDelta($switched->result->peakC, $stepless->result->peakC, 3.0);
    }

    public function test_advice_keeps_every_bound_for_every_place_school_and_gap(): void
    {
        foreach (['engine-outlet', 'top-hose', 'core-inlet', 'bottom-hose'] as $place) {
            foreach ([71, 82, 92] as $opensC) {
                $changes = ['/cooling/thermostatOpensC' => $opensC, self::DECIDER.'/place' => $place];
                $dropK = Orchard::brief($changes)->control->stages[0]->decider->band()?->place->dropAcrossCoreK() ?? 0.0;
                foreach (CoolingPolicy::cases() as $school) {
                    foreach (SwitchingGap::cases() as $gap) {
                        $advice = self::advice($changes, $school, $gap);
                        $stage = $advice->stages[0];
                        self::assertGreaterThanOrEqual($opensC - $dropK - 1, $stage->offC, "{$place} {$opensC} {$school->value} {$gap->value}");
                        self::assertGreaterThan($stage->offC, $stage->onC);
                        self::assertLessThan(108 - $dropK, $stage->onC);
                        self::assertNotSame([], $stage->bounds);
                        self::assertGreaterThan(5.0, $advice->relayYears ?? INF, 'it was driven, and the relay lasts');
                    }
                }
            }
        }
    }

    /** Common practice, no source: cool is on by 82 to 85 °C or little above with a thermostat of 82 °C, the maker's 96 to 99 °C. */
    public function test_the_schools_are_those_of_the_trade(): void
    {
        $capillary = [self::DECIDER => ['kind' => 'thermostat', 'output' => 'capillary', 'onC' => 92, 'offC' => 86, 'place' => 'engine-outlet']];
        $on = static fn (CoolingPolicy $school, SwitchingGap $gap): float => self::advice($capillary, $school, $gap)->stages[0]->onC;

        self::assertEqualsWithDelta(85.0, $on(CoolingPolicy::Cool, SwitchingGap::Narrow), 2.5);
        self::assertEqualsWithDelta(96.0, $on(CoolingPolicy::Maker, SwitchingGap::Narrow), 0.5);
        self::assertLessThan(90.0, $on(CoolingPolicy::Cool, SwitchingGap::Wide));
    }

    /** A narrow gap behind the core starts a fan far oftener than its relay stands: the gap that lasts is given instead, and said. */
    public function test_a_gap_that_wears_the_relay_out_is_widened(): void
    {
        $changes = [
            '/heat' => ['ratedKw' => 90], self::DECIDER => ['kind' => 'thermostat', 'output' => 'capillary', 'onC' => 80, 'offC' => 76, 'place' => 'bottom-hose'],
        ];
        $narrow = self::advice($changes, CoolingPolicy::Cool, SwitchingGap::Narrow);

        self::assertNotNull($narrow->widenedToK);
        self::assertGreaterThan(SwitchingGap::Narrow->kelvin(), $narrow->stages[0]->onC - $narrow->stages[0]->offC);
        self::assertGreaterThanOrEqual(6.0, $narrow->relayYears);
        self::assertNull(self::advice($changes, CoolingPolicy::Cool, SwitchingGap::Wide)->widenedToK);
    }

    /** A fixed switch is proposed from the pairs there are: the one that a drive shows to stop, even where its off is the thermostat's own. */
    public function test_a_fixed_switch_is_proposed_from_the_pairs_there_are(): void
    {
        $stage = self::advice([], CoolingPolicy::Cool, SwitchingGap::Wide)->stages[0];
        $hot = self::advice(['/cooling/thermostatOpensC' => 105, '/cooling/ceilingC' => 118], CoolingPolicy::Cool, SwitchingGap::Wide);

        self::assertSame([88.0, 82.0], [$stage->onC, $stage->offC]);
        self::assertTrue($stage->isToBeHad);
        self::assertFalse($hot->isToBeHad(), 'no pair on the shelf is so hot');
        self::assertNull($hot->stages[0]->switch);
    }

    public function test_unsound_values_are_judged(): void
    {
        $verdicts = static fn (array $changes): array => array_column(
            self::advice($changes, CoolingPolicy::Cool, SwitchingGap::Wide)->stages[0]->verdicts, 'code',
        );

        self::assertSame([], $verdicts([]));
        self::assertSame([], $verdicts([self::DECIDER.'/onC' => 88, self::DECIDER.'/offC' => 82]), 'what is proposed is sound');
        self::assertSame(['verdict.never-stops'], $verdicts([self::DECIDER.'/onC' => 86, self::DECIDER.'/offC' => 70]));
        self::assertSame(['verdict.starts-too-late'], $verdicts([self::DECIDER.'/onC' => 107]));
        self::assertContains('verdict.starts-too-early', $verdicts([self::DECIDER.'/onC' => 83, self::DECIDER.'/offC' => 82.5]));
    }

    public function test_a_sweep_shows_that_later_is_hotter_and_its_front_is_beaten_by_none(): void
    {
        $queue = [[Drives::standard()['3-queue'], 1.0]];
        $sweep = Vehicle::of(Orchard::sizing())->sweep();
        $cells = [...$sweep->row($queue, 2), ...$sweep->row($queue, 6)];
        $front = Sweep::front($cells);

        self::assertCount(2 * Sweep::COLUMNS, $cells);
        self::assertGreaterThan($cells[0]->peakC + 3, $cells[Sweep::COLUMNS - 1]->peakC);
        self::assertContains(true, $front);
        foreach ($cells as $at => $cell) {
            foreach ($cells as $other) {
                $beats = $other->peakC < $cell->peakC && $other->startsPerHour < $cell->startsPerHour && $other->ahPerHour < $cell->ahPerHour;
                self::assertFalse($front[$at] && $beats);
            }
        }
    }

    /** Over a year each drive counts by its share; what is recommended no other beats, keeps clear of the ceiling and lasts. */
    public function test_a_year_is_its_drives_by_their_shares(): void
    {
        $sweep = Vehicle::of(Orchard::sizing(['/heat' => ['ratedKw' => 80]]))->sweep();
        $town = Drives::standard()['2-town'];
        $queue = Drives::standard()['3-queue'];
        $alone = [$sweep->row([[$town, 1.0]], 5), $sweep->row([[$queue, 1.0]], 5)];
        $year = $sweep->row([[$town, 3.0], [$queue, 1.0]], 5);
        $recommended = $sweep->recommended($year);

        foreach ($year as $at => $cell) {
            self::assertEqualsWithDelta(max($alone[0][$at]->peakC, $alone[1][$at]->peakC), $cell->peakC, 1e-9);
            self::assertEqualsWithDelta(0.75 * $alone[0][$at]->ahPerHour + 0.25 * $alone[1][$at]->ahPerHour, $cell->ahPerHour, 1e-9);
            self::assertEqualsWithDelta($cell->ahPerHour * 14.2 * 400 / 0.55 / 0.38 / 8900, $cell->litresPerYear, 1e-9);
        }
        self::assertNotNull($recommended);
        self::assertTrue(Sweep::front($year)[$recommended]);
        self::assertLessThanOrEqual(104.0, $year[$recommended]->peakC);
        self::assertGreaterThanOrEqual(6.0, $year[$recommended]->relayYears ?? INF);
    }

    /** A log that the model made with other figures is fitted back to them. */
    public function test_known_figures_are_found_again_from_a_log(): void
    {
        $drive = Drives::standard()['5-climb'];
        $true = Vehicle::of(Orchard::sizing(['/heat' => ['ratedKw' => 55, 'engineKg' => 105, 'heatShare' => 0.95, 'coreWPerK' => 1300]]));
        [$log, $measured] = self::log($true, $drive);
        $brief = Orchard::brief();
        $fit = Calibration::fit($brief, Vehicle::of(Sizing::of($brief, Orchard::shelf()))->fans, $log, $measured, self::guessed());

        self::assertFalse($fit->isRefused());
        self::assertLessThan(0.5, $fit->rmsK);
        self::assertLessThan(0.3 * $fit->rmsBeforeK, $fit->rmsK);
        self::assertEqualsWithDelta(0.95, $fit->figures['heatShare'] ?? 0.0, 0.08);
    }

    private static function guessed(): Spreads
    {
        return SpreadsReader::of(Orchard::file(), Orchard::brief());
    }

    public function test_a_log_that_tells_nothing_is_refused(): void
    {
        $log = new Drive('x', Message::verbatim('x'), Message::verbatim(''), 20, range(0.0, 60.0, 10.0),
            array_fill(0, 7, 0.0), array_fill(0, 7, 0.0), array_fill(0, 7, 0.0),
            array_fill(0, 7, 20.0), array_fill(0, 7, false), array_fill(0, 7, true));
        $fit = Calibration::fit(Orchard::brief(), Vehicle::of(Orchard::sizing())->fans, $log, array_fill(0, 7, 20.0), self::guessed());

        self::assertTrue($fit->isRefused());
        self::assertCount(3, $fit->untold);
        self::assertSame('calibration.no-effect', $fit->untold['airShare']->code);
    }

    /** @param  array<string, mixed>  $changes */
    private static function advice(array $changes, CoolingPolicy $school, SwitchingGap $gap): Advice
    {
        return (new SetPointAdviser(Vehicle::of(Orchard::sizing($changes)), Orchard::shelf()))->advise($school, $gap) ?? self::fail('nothing is advised');
    }

    /** @param  array<string, mixed>  $changes */
    private static function drive(array $changes, string $drive): Outcome
    {
        return Vehicle::of(Orchard::sizing($changes))->drive(Drives::standard()[$drive]);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array{float, float} lowest and highest coolant of the last two thirds of half an hour's creeping at 29 °C
     */
    private static function settled(array $changes): array
    {
        $none = Message::verbatim('creeping');
        $creeping = new Drive('x', $none, $none, 82, [0.0, 1800.0], [5.0, 5.0], [1000.0, 1000.0], [0.065, 0.065], [29.0, 29.0], [false, false], [true, true]);
        $samples = Vehicle::of(Orchard::sizing($changes))->drive($creeping)->result->samples;
        $coolant = array_map(static fn (Sample $sample): float => $sample->coolantC, array_slice($samples, intdiv(count($samples), 3)));

        return [min([INF, ...$coolant]), max([-INF, ...$coolant])];
    }

    /** @return array{Drive, list<float>} a drive as a logger has it, and the coolant along it */
    private static function log(Vehicle $vehicle, Drive $drive): array
    {
        $samples = $vehicle->drive($drive)->result->samples;
        $column = static fn (string $name): array => array_map(static fn (Sample $sample): float => $sample->{$name}, $samples);
        $gradients = array_map(static function (float $timeS) use ($drive): float {
            $at = max(0, count(array_filter($drive->timesS, static fn (float $one): bool => $one <= $timeS)) - 1);
            $next = min($at + 1, count($drive->timesS) - 1);
            $spanS = max(1e-9, $drive->timesS[$next] - $drive->timesS[$at]);

            return $drive->gradientsPercent[$at] + min(1.0, ($timeS - $drive->timesS[$at]) / $spanS) * ($drive->gradientsPercent[$next] - $drive->gradientsPercent[$at]);
        }, $column('timeS'));
        $count = count($samples);

        return [
            new Drive('log', Message::verbatim('log'), Message::verbatim(''), $drive->startsC, $column('timeS'), $column('speedKmh'), $column('engineRpm'),
                array_fill(0, $count, null), array_fill(0, $count, $drive->ambientsC[0]), array_fill(0, $count, false), array_fill(0, $count, true), $gradients, 0.0,
                array_map(static fn (Sample $sample): bool => $sample->running > 0, $samples)),
            $column('coolantC'),
        ];
    }
}
