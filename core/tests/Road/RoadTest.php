<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Message\Message;
use LampThread\Road\Bottleneck;
use LampThread\Road\Calibration;
use LampThread\Road\CoolingPolicy;
use LampThread\Road\Drives;
use LampThread\Road\Outcome;
use LampThread\Road\Sample;
use LampThread\Road\SetPointAdviser;
use LampThread\Road\Sweep;
use LampThread\Road\SwitchingGap;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;
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
        $works = self::drive([...$place, self::DECIDER.'/onC' => 85.5, self::DECIDER.'/offC' => 84], '2-town');
        $never = self::drive([...$place, self::DECIDER.'/onC' => 85, self::DECIDER.'/offC' => 79.4], '2-town');

        self::assertLessThan(0.9, $works->result->runShare());
        self::assertGreaterThan(2.0, $works->result->startsPerHour());
        self::assertSame(1, $never->result->fanStarts);
        self::assertSame(1, $never->result->samples[count($never->result->samples) - 1]->running, 'it still runs');
    }

    /** Common practice, no source: the bottom hose comes on later than the top hose. */
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
     * What differs is told in the brief: fans, shroud, and a thermostat that lets it be that cool.
     */
    public function test_a_pair_with_a_shroud_holds_what_one_small_fan_does_not(): void
    {
        $cool = ['/cooling/thermostatOpensC' => 75, self::DECIDER.'/place' => 'engine-outlet', self::DECIDER.'/onC' => 80, self::DECIDER.'/offC' => 77];
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
        $locked = self::drive(['/control/lockouts' => ['aboveRpm' => 2000]], '5-climb');

        self::assertLessThan(0.1, $locked->result->runShare());
        self::assertGreaterThan($free->result->peakC + 3, $locked->result->peakC);
        self::assertSame(Bottleneck::Lockout, $locked->limitedBy);
    }

    public function test_heat_soak_follows_a_stop_and_after_run_takes_some_of_it(): void
    {
        $without = self::drive([], '6-stop-after-climb');
        $with = self::drive(['/control/afterRun' => ['delayS' => 240]], '6-stop-after-climb');

        self::assertSame(Bottleneck::HeatSoak, $without->limitedBy);
        self::assertGreaterThan(610, $without->result->peakAtS);
        self::assertLessThan($without->result->endsC - 1, $with->result->endsC);
        self::assertLessThan($without->result->peakC + 0.05, $with->result->peakC);
        self::assertLessThan(-0.5, $with->result->keyOutAh);
        self::assertTrue($with->stillCranks);
    }

    public function test_heat_altitude_and_power_make_it_hotter(): void
    {
        $peak = static fn (array $changes, float $altitudeM = 0.0, ?float $ambientC = null): float => Vehicle::of(Orchard::sizing($changes), $altitudeM)
            ->drive(Drives::standard()['5-climb']->at($ambientC, null))->result->peakC;
        $usual = $peak([]);

        self::assertGreaterThan($usual + 1, $peak([], 2500));
        self::assertGreaterThan($usual + 4, $peak([], 0.0, 40.0));
        self::assertGreaterThan($usual + 1, $peak(['/heat' => ['ratedKw' => 95]]));
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
            '/control/override' => null,
        ], '2-town');
        $switched = self::drive([self::DECIDER.'/place' => 'engine-outlet', self::DECIDER.'/onC' => 86, self::DECIDER.'/offC' => 84], '2-town');

        self::assertLessThan($switched->result->fanAh, $stepless->result->fanAh);
        self::assertEqualsWithDelta($switched->result->peakC, $stepless->result->peakC, 3.0);
    }

    public function test_advice_keeps_every_bound_for_every_place_school_and_gap(): void
    {
        foreach (['engine-outlet', 'radiator-inlet', 'top-hose', 'core-inlet', 'core-outlet', 'bottom-hose'] as $place) {
            foreach ([71, 82, 88, 92] as $opensC) {
                $brief = Orchard::brief(['/cooling/thermostatOpensC' => $opensC, self::DECIDER.'/place' => $place]);
                $dropK = $brief->control->stages[0]->decider->band()?->place->dropAcrossCoreK() ?? 0.0;
                foreach (CoolingPolicy::cases() as $school) {
                    foreach (SwitchingGap::cases() as $gap) {
                        $advice = (new SetPointAdviser($brief, Orchard::shelf()))->advise($school, $gap)[0];
                        self::assertGreaterThan($opensC - $dropK, $advice->offC, "{$place} {$opensC} {$school->value} {$gap->value}");
                        self::assertGreaterThan($advice->offC, $advice->onC);
                        self::assertLessThan($brief->cooling->ceilingC - $dropK, $advice->onC);
                        self::assertNotSame([], $advice->bounds);
                    }
                }
            }
        }
    }

    /** Common practice, no source: cool is on by 82 to 85 °C or little above with a thermostat of 82 °C, the maker's 96 to 99 °C. */
    public function test_the_schools_are_those_of_the_trade(): void
    {
        $brief = Orchard::brief([self::DECIDER => ['kind' => 'thermostat', 'output' => 'capillary', 'onC' => 92, 'offC' => 86, 'place' => 'engine-outlet']]);
        $on = static fn (CoolingPolicy $school, SwitchingGap $gap): float => (new SetPointAdviser($brief, Orchard::shelf()))->advise($school, $gap)[0]->onC;

        self::assertEqualsWithDelta(85.0, $on(CoolingPolicy::Cool, SwitchingGap::Narrow), 0.5);
        self::assertEqualsWithDelta(96.0, $on(CoolingPolicy::Maker, SwitchingGap::Narrow), 0.5);
        self::assertLessThan(90.0, $on(CoolingPolicy::Cool, SwitchingGap::Wide));
    }

    public function test_a_fixed_switch_is_proposed_from_the_pairs_there_are(): void
    {
        $advice = (new SetPointAdviser(Orchard::brief(), Orchard::shelf()))->advise(CoolingPolicy::Cool, SwitchingGap::Wide)[0];
        $pairs = array_map(static fn ($switch): array => [$switch->onC, $switch->offC], Orchard::shelf()->switches());

        self::assertContains([$advice->onC, $advice->offC], $pairs);
        self::assertNotNull($advice->switch);
    }

    public function test_unsound_values_are_judged(): void
    {
        $verdicts = static fn (array $changes): array => (new SetPointAdviser(Orchard::brief($changes), Orchard::shelf()))
            ->advise(CoolingPolicy::Cool, SwitchingGap::Wide)[0]->verdicts;

        self::assertSame([], $verdicts([]));
        self::assertSame('verdict.never-stops', $verdicts([self::DECIDER.'/offC' => 80])[0]->code);
        self::assertSame('verdict.starts-too-late', $verdicts([self::DECIDER.'/onC' => 107])[0]->code);
        self::assertSame('verdict.starts-too-early', $verdicts([self::DECIDER.'/onC' => 83, self::DECIDER.'/offC' => 82.5])[1]->code);
    }

    public function test_a_sweep_shows_that_later_is_hotter_and_its_front_is_beaten_by_none(): void
    {
        $drive = Drives::standard()['3-queue'];
        $sweep = Vehicle::of(Orchard::sizing())->sweep();
        $cells = [...$sweep->row($drive, 2), ...$sweep->row($drive, 6)];
        $front = Sweep::front($cells);

        self::assertCount(2 * Sweep::COLUMNS, $cells);
        self::assertGreaterThan($cells[0]['peakC'] + 3, $cells[Sweep::COLUMNS - 1]['peakC']);
        self::assertContains(true, $front);
        foreach ($cells as $at => $cell) {
            foreach ($cells as $other) {
                $beats = $other['peakC'] < $cell['peakC'] && $other['startsPerHour'] < $cell['startsPerHour'] && $other['ampereHours'] < $cell['ampereHours'];
                self::assertFalse($front[$at] && $beats);
            }
        }
    }

    /** A log that the model made with other figures is fitted back to them. */
    public function test_known_figures_are_found_again_from_a_log(): void
    {
        $drive = Drives::standard()['5-climb'];
        $true = Vehicle::of(Orchard::sizing(['/heat' => ['heatShare' => 0.95, 'coreWPerK' => 1300]]));
        [$log, $measured] = self::log($true, $drive);
        $brief = Orchard::brief();
        $fit = Calibration::fit($brief, Vehicle::of(Sizing::of($brief, Orchard::shelf()))->fans, $log, $measured);

        self::assertFalse($fit->isRefused());
        self::assertLessThan(0.5, $fit->rmsK);
        self::assertLessThan(0.3 * $fit->rmsBeforeK, $fit->rmsK);
        self::assertEqualsWithDelta(0.95, $fit->figures['heatShare'] ?? 0.0, 0.08);
    }

    public function test_a_log_that_tells_nothing_is_refused(): void
    {
        $log = new \LampThread\Road\Drive('x', Message::verbatim('x'), Message::verbatim(''), 20, range(0.0, 60.0, 10.0),
            array_fill(0, 7, 0.0), array_fill(0, 7, 0.0), array_fill(0, 7, 0.0),
            array_fill(0, 7, 20.0), array_fill(0, 7, false), array_fill(0, 7, true));
        $fit = Calibration::fit(Orchard::brief(), Vehicle::of(Orchard::sizing())->fans, $log, array_fill(0, 7, 20.0));

        self::assertTrue($fit->isRefused());
        self::assertCount(3, $fit->untold);
        self::assertSame('calibration.no-effect', $fit->untold['airShare']->code);
    }

    /**
     * @param  array<string, mixed>  $changes
     */
    private static function drive(array $changes, string $drive): Outcome
    {
        return Vehicle::of(Orchard::sizing($changes))->drive(Drives::standard()[$drive]);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array{float, float} lowest and highest coolant of the last two thirds of a queue at 29 °C
     */
    private static function settled(array $changes): array
    {
        $samples = Vehicle::of(Orchard::sizing($changes))->drive(Drives::standard()['3-queue']->at(29, null))->result->samples;
        $coolant = array_map(static fn (Sample $sample): float => $sample->coolantC, array_slice($samples, intdiv(count($samples), 3)));

        return [min([INF, ...$coolant]), max([-INF, ...$coolant])];
    }

    /** @return array{\LampThread\Road\Drive, list<float>} */
    private static function log(Vehicle $vehicle, \LampThread\Road\Drive $drive): array
    {
        $samples = $vehicle->drive($drive)->result->samples;
        $column = static fn (string $name): array => array_map(static fn (Sample $sample): float => $sample->{$name}, $samples);
        $loads = array_map(static function (float $timeS) use ($drive): float {
            $at = max(0, count(array_filter($drive->timesS, static fn (float $one): bool => $one <= $timeS)) - 1);
            $next = min($at + 1, count($drive->timesS) - 1);
            $spanS = max(1e-9, $drive->timesS[$next] - $drive->timesS[$at]);

            return $drive->loads[$at] + min(1.0, ($timeS - $drive->timesS[$at]) / $spanS) * ($drive->loads[$next] - $drive->loads[$at]);
        }, $column('timeS'));
        $count = count($samples);

        return [
            new \LampThread\Road\Drive('log', Message::verbatim('log'), Message::verbatim(''), $drive->startsC,
                $column('timeS'), $column('speedKmh'), $column('engineRpm'), $loads,
                array_fill(0, $count, $drive->ambientsC[0]), array_fill(0, $count, false), array_fill(0, $count, true)),
            $column('coolantC'),
        ];
    }
}
