<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Brief\EngineFan;
use LampThread\Brief\EngineFanDrive;
use LampThread\Brief\Place;
use LampThread\Brief\TemperatureBand;
use LampThread\Message\Message;
use LampThread\Road\AirPath;
use LampThread\Road\Coolant;
use LampThread\Road\Drives;
use LampThread\Road\EngineFanAir;
use LampThread\Road\FanCurve;
use LampThread\Road\FanResponse;
use LampThread\Road\HeatModel;
use LampThread\Road\Log;
use LampThread\Road\LogSwitching;
use LampThread\Road\Pressure;
use LampThread\Road\Sensed;
use LampThread\Road\SetPointAdviser;
use LampThread\Road\StandingHeat;
use LampThread\Road\Sweep;
use LampThread\Road\SweepCell;
use LampThread\Road\SwitchingGap;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The road's rules where they turn. */
final class ThresholdsTest extends TestCase
{
    /** Ethylene glycol raises the boiling point at sea level by 4 K at 30 %, 7.6 K at 50 %, 14.4 K at 70 % by volume (tables, from memory). */
    #[TestWith([30.0, 4.0])]
    #[TestWith([50.0, 7.6])]
    #[TestWith([70.0, 14.4])]
    #[TestWith([40.0, 5.8])]
    public function test_glycol_boils_later_by_its_share(float $percent, float $byK): void
    {
        self::assertEqualsWithDelta($byK, Coolant::boilsC(0, $percent) - Coolant::boilsC(0, 0), 0.15);
    }

    /** A 430 mm engine fan at 2000 rpm moves about 2500 m³/h free and takes about 450 W. Common practice, no source. */
    public function test_what_the_engines_fan_begins_from(): void
    {
        $fan = new EngineFanAir(new EngineFan(EngineFanDrive::Fixed, false, 430));

        self::assertEqualsWithDelta(2500.0, $fan->airM3h(2000, 90), 1e-6);
        self::assertEqualsWithDelta(450.0, $fan->powerW(2000, 90), 1e-6);
        self::assertEqualsWithDelta(8 * 2500.0, (new EngineFanAir(new EngineFan(EngineFanDrive::Fixed, false, 860)))->airM3h(2000, 90), 1e-6, 'the cube of its diameter');
    }

    /** A viscous coupling lets go below 85 °C and holds from 95 °C, and slips past 2600 rpm. Common practice, no source. */
    #[TestWith([80.0, 0.30])]
    #[TestWith([85.0, 0.30])]
    #[TestWith([90.0, 0.575])]
    #[TestWith([95.0, 0.85])]
    #[TestWith([110.0, 0.85])]
    public function test_when_a_viscous_coupling_holds(float $coolantC, float $share): void
    {
        $fan = new EngineFanAir(new EngineFan(EngineFanDrive::Viscous, false, 430));

        self::assertEqualsWithDelta(2000 * $share, $fan->rpm(2000, $coolantC), 1e-6);
        self::assertLessThanOrEqual(2600.0, $fan->rpm(6000, $coolantC));
    }

    /** A fan behind another's suction moves more, and one against it less; ram air helps, standing blades hinder. */
    public function test_what_helps_a_fan_and_what_hinders_it(): void
    {
        $curve = new FanCurve(0.5, 150.0, 0.1);
        $system = FanCurve::systemResistance(0.2, 0.8);
        $air = static fn (float $speedShare, float $ramMs, float $morePa): float => $curve->airMs($speedShare, $system, $ramMs, $morePa);

        self::assertGreaterThan($air(1.0, 0.0, 0.0), $air(1.0, 0.0, 50.0));
        self::assertLessThan($air(1.0, 0.0, 0.0), $air(1.0, 0.0, -50.0));
        self::assertGreaterThan($air(1.0, 0.0, 0.0), $air(1.0, 5.0, 0.0));
        self::assertGreaterThan($air(0.0, 5.0, 0.0), $air(1.0, 5.0, 0.0));
    }

    /** A fan the engine drives draws air through the whole face at a standstill, with the electric one standing: through what it covers and what it does not. */
    public function test_the_engines_fan_draws_through_the_whole_face(): void
    {
        foreach ([100, 40] as $shroudPercent) {
            $model = HeatModel::of(Orchard::brief(['/engineFan' => ['drive' => 'fixed', 'isRemoved' => false, 'diameterMm' => 430], '/fit/shroudPercent' => $shroudPercent]));
            $takes = static fn (float $engineRpm): float => (new AirPath($model))->through(
                2000, [0.0], $engineRpm > 0 ? $model->engineFan?->atWork($engineRpm, 95, $model->faceM2) : null, 0, 25, 40, 0, false,
            )->takesWPerK;

            self::assertGreaterThan(1.3 * $takes(0), $takes(1500), "{$shroudPercent} %");
            self::assertGreaterThan($takes(1500), $takes(3000));
        }
    }

    /** The compressor's power is heat too: with air conditioning a queue gets hot sooner. */
    public function test_air_conditioning_heats_sooner(): void
    {
        $overS = static fn (array $changes, float $flowShare): float => StandingHeat::of(
            Orchard::brief(['/heat' => ['ratedKw' => 140], ...$changes]), 92.0,
        )->heatsUp(600.0, $flowShare)->overS ?? INF;
        $airConditioning = ['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'separate-relay']];

        self::assertLessThan($overS([], 1.0), $overS($airConditioning, 1.0), 'the condenser lies before the core too');
        self::assertLessThan($overS([], 0.0), $overS($airConditioning, 0.0), 'and what drives it burns fuel, whatever flows');
    }

    /** Of one fan the busiest starts are its starts; ampere-hours are what the samples add up to. */
    public function test_a_drives_figures_are_those_of_its_samples(): void
    {
        $result = Vehicle::of(Orchard::sizing())->drive(Drives::standard()['3-queue'])->result;

        self::assertGreaterThan(0, $result->fanStarts);
        self::assertEqualsWithDelta($result->fanStarts / ($result->lastedS / 3600), $result->startsPerHour(), 1e-9);
        self::assertEqualsWithDelta($result->startsPerHour(), $result->busiestStartsPerHour(), 1e-9);
        $runningA = Orchard::brief()->fans[0]->runA;
        self::assertEqualsWithDelta($result->runShare() * $result->lastedS / 3600 * $runningA, $result->fanAh, 0.2 * $result->fanAh);
    }

    /**
     * What of a log is a fan that switches: a current from 1.5 A, a step of voltage from 0.15 V within seconds, a knee of the temperature from 1 K.
     * Common practice, no source.
     */
    #[TestWith(['fanA', 1.45, false])]
    #[TestWith(['fanA', 1.55, true])]
    #[TestWith(['batteryV', 0.14, false])]
    #[TestWith(['batteryV', 0.16, true])]
    #[TestWith(['coolantC', 0.95, false])]
    #[TestWith(['coolantC', 1.05, true])]
    public function test_what_of_a_log_is_a_fan(string $column, float $by, bool $isFan): void
    {
        $timesS = range(0.0, 390.0, 1.0);
        // Up and down in steps of 100 s; the temperature in straight lines between the same times.
        $on = static fn (float $timeS): bool => intdiv((int) $timeS, 100) % 2 === 1;
        $columns = array_fill_keys(['coolantC', 'ambientC', 'speedKmh', 'rpm', 'fanA', 'batteryV', 'loadPercent', 'altitudeM'], array_fill(0, count($timesS), null));
        $columns[$column] = array_map(static fn (float $timeS): float => match ($column) {
            'fanA' => $on($timeS) ? $by : 0.0,
            'batteryV' => 13.8 - ($on($timeS) ? $by : 0.0),
            default => 90.0 + $by * ($on($timeS) ? 100 - fmod($timeS, 100) : fmod($timeS, 100)) / 100,
        }, $timesS);
        $events = LogSwitching::of(new Log($timesS, ...$columns))->events ?? [];

        self::assertSame($isFan, $events !== []);
        if ($isFan && $column !== 'coolantC') {
            self::assertSame([true, false, true], array_column($events, 'isOn'));
            self::assertEqualsWithDelta([100.0, 200.0, 300.0], array_column($events, 'atS'), 3.5);
        }
    }

    /** The fan comes on at the latest 4 K below the ceiling and 8 K below boiling; behind the core by its drop sooner. Common practice, no source. */
    public function test_how_late_a_fan_may_come_on(): void
    {
        $latest = static fn (float $ceilingC, float $capKpa, float $dropK): float => SetPointAdviser::latestOnC(
            Orchard::brief(['/cooling/ceilingC' => $ceilingC, '/cooling/capKpa' => $capKpa, '/cooling/glycolPercent' => 0])->cooling, $dropK,
        );

        self::assertEqualsWithDelta(104.0, $latest(108, 100, 0.0), 1e-9, 'the ceiling decides');
        self::assertEqualsWithDelta(98.0, $latest(108, 100, 6.0), 1e-9);
        self::assertEqualsWithDelta(92.0, $latest(120, 0, 0.0), 0.5, 'water boils at 100 °C without a cap');
    }

    /** A setting beats another that is worse in one thing and better in none; the same beats nobody. */
    public function test_which_setting_beats_which(): void
    {
        $cell = static fn (float $peakC, float $starts, float $ah): SweepCell => new SweepCell(92, 87, $peakC, $starts, $ah, 1.0, null);
        $one = $cell(100, 6, 3);

        self::assertFalse($one->beats($cell(100, 6, 3)));
        self::assertTrue($one->beats($cell(101, 6, 3)));
        self::assertTrue($one->beats($cell(100, 7, 3)));
        self::assertTrue($one->beats($cell(100, 6, 4)));
        self::assertFalse($one->beats($cell(99, 7, 4)));
        self::assertFalse($one->beats($cell(101, 5, 4)));
        self::assertFalse($one->beats($cell(101, 7, 2)));
    }

    /** Past the end of the tables the last entry holds: a 70 % mix in the pan at 140 °C is as dense as at the table's end. */
    public function test_beyond_the_tables_the_last_entry_holds(): void
    {
        self::assertEqualsWithDelta(Coolant::densityKgL(100.0), Coolant::densityKgL(120.0), 1e-9);
    }

    /** 2257 kJ boil a kilogram of water away, 0.96 litres of it at its density; a quarter of the coolant gone is empty (the first: steam tables, from memory). */
    public function test_what_boils_away(): void
    {
        $pressure = new Pressure(100, 0, 8.0);
        $halfGlycol = new Pressure(100, 50, 8.0);

        self::assertEqualsWithDelta(1 / Coolant::densityKgL(0), $pressure->lostLitres(Coolant::LATENT_J_PER_KG), 1e-6);
        self::assertLessThan($pressure->lostLitres(1e6), $halfGlycol->lostLitres(1e6), 'the mix is denser');
        self::assertTrue($pressure->isEmptied(2.0));
        self::assertFalse($pressure->isEmptied(1.99));
    }

    /**
     * How late a probe tells: in the engine at once, in the fins after 20 s, clamped on a pipe after 40, in the bay's air after 30, in a dead branch after
     * 150. Common practice, no source.
     */
    #[TestWith(['engine-outlet', false, 5.0])]
    #[TestWith(['top-hose', false, 7.0])]
    #[TestWith(['core-inlet', false, 20.0])]
    #[TestWith(['surface', false, 40.0])]
    #[TestWith(['bay-air', false, 30.0])]
    #[TestWith(['top-hose', true, 150.0])]
    public function test_how_late_a_probe_tells(string $place, bool $stands, float $lagS): void
    {
        self::assertSame($lagS, Sensed::of(new TemperatureBand(92, 87, Place::from($place), $stands))->lagS());
    }

    /** 2 to 4 °F or about 10 °F between on and off: 1.5 K and 5.5 K, in the middle of what the schools say. */
    public function test_how_far_on_and_off_lie_apart(): void
    {
        self::assertSame([1.5, 5.5], [SwitchingGap::Narrow->kelvin(), SwitchingGap::Wide->kelvin()]);
    }

    /** A row of a log with no revolutions is an engine that stands, with the key out; no trailer is behind it. */
    public function test_a_log_tells_when_the_engine_stood(): void
    {
        $rows = 40;
        $none = array_fill(0, $rows, null);
        $rpm = array_map(static fn (int $at): float => $at < 20 ? 900.0 : 0.0, range(0, $rows - 1));
        $log = new Log(array_map(floatval(...), range(0, $rows - 1)), array_fill(0, $rows, 90.0), $none, array_fill(0, $rows, 30.0), $rpm, $none, $none, $none, $none);
        $drive = $log->drive('x', Message::verbatim('x'), null, 20.0);

        self::assertSame([true, true, false, false], [$drive->keysOn[0], $drive->keysOn[19], $drive->keysOn[20], $drive->keysOn[39]]);
        self::assertSame(0.0, $drive->trailerKg);
    }

    /** An eighth of what a standing car's fan throws into the bay comes round to the front again, and none above 20 km/h: with a hot bay the core then takes less. */
    public function test_hot_air_comes_round_in_a_standing_car(): void
    {
        $model = HeatModel::of(Orchard::brief());
        $airC = static fn (float $speedKmh): float => (new AirPath($model))->through(2000, [1.0], null, $speedKmh, 25, 75, 0, false)->airC;

        self::assertEqualsWithDelta(25 + 0.12 * 50, $airC(0), 0.01);
        self::assertEqualsWithDelta(25.0, $airC(20), 0.01);
    }

    /** Settings worth trying go from 2 K above the thermostat to 2 K below the ceiling, as the probe reads them. */
    public function test_which_settings_are_worth_trying(): void
    {
        $ons = (new Sweep(Vehicle::of(Orchard::sizing(['/control/stages/0/decider/place' => 'engine-outlet', '/cooling/ceilingC' => 106]))))->ons();

        self::assertEqualsWithDelta(Orchard::brief()->cooling->thermostatOpensC + 2, $ons[0], 0.051);
        self::assertEqualsWithDelta(104.0, $ons[count($ons) - 1], 0.051);
    }

    /** Current with the key out adds up to ampere-hours: two minutes more of after-run take two minutes of the fan's current more. */
    public function test_what_runs_on_is_counted_in_ampere_hours(): void
    {
        $sizing = static fn (float $delayS): Sizing => Orchard::sizing(['/control/afterRun' => ['delayS' => $delayS]]);
        $keyOutAh = static fn (float $delayS): float => Vehicle::of($sizing($delayS))->drive(Drives::standard()['6-stop-after-climb'])->result->keyOutAh;
        $runs = (new FanResponse($sizing(240)->brief, $sizing(240)->circuit))->at(false, 0, false, [true], [10.0], 10.0, 0.9, 40.0);

        self::assertEqualsWithDelta($runs->batteryA * 120 / 3600, $keyOutAh(240) - $keyOutAh(120), 0.04 * abs($runs->batteryA) * 120 / 3600);
    }
}
