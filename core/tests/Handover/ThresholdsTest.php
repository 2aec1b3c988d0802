<?php

declare(strict_types=1);

namespace LampThread\Tests\Handover;

use LampThread\Circuit\Component\Rail;
use LampThread\Handover\Phase;
use LampThread\Handover\StandInMeter;
use LampThread\Handover\StepsBeforePower;
use LampThread\Handover\StepsWarm;
use LampThread\Handover\TestPlan;
use LampThread\Handover\TestStep;
use LampThread\Handover\WorkPlan;
use LampThread\Message\Message;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Observation\Settings;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where a reading begins to be outside, what an instrument can show at all, and what a pair of hands needs. */
final class ThresholdsTest extends TestCase
{
    /** A shop's multimeter, clamp, thermometer and watch, twice their standard error. Common practice, no source. */
    #[TestWith([Reads::Ohm, 100.0, 1.2])]
    #[TestWith([Reads::Ohm, 0.0, 0.2])]
    #[TestWith([Reads::Volt, 12.0, 0.08])]
    #[TestWith([Reads::Volt, -12.0, 0.08])]
    #[TestWith([Reads::Ampere, 10.0, 0.5])]
    #[TestWith([Reads::Celsius, 90.0, 2.0])]
    #[TestWith([Reads::Second, 240.0, 2.0])]
    #[TestWith([Reads::Seen, 1.0, 0.0])]
    public function test_how_far_an_instrument_may_be_off(Reads $reads, float $value, float $by): void
    {
        self::assertEqualsWithDelta($by, $reads->error($value), 1e-12);
    }

    /** What no instrument in a workshop shows at such a vehicle is a slip of the pen. Common practice, no source. */
    #[TestWith([Reads::Volt, -60.0, 60.0])]
    #[TestWith([Reads::Ampere, -400.0, 400.0])]
    #[TestWith([Reads::Celsius, -50.0, 200.0])]
    #[TestWith([Reads::Second, 0.0, 3600.0])]
    #[TestWith([Reads::Ohm, 0.0, INF])]
    #[TestWith([Reads::Seen, 0.0, 1.0])]
    public function test_what_can_be_read_at_all(Reads $reads, float $least, float $most): void
    {
        self::assertSame([$least, $most], $reads->bounds());
    }

    /** A fixed pair acts within 3 K, one that is set within 2, and the thermometer is off by 2 more. Common practice, no source. */
    #[TestWith(['switch closing when hot', 5.0])]
    #[TestWith(['capillary', 4.0])]
    #[TestWith(['stepless', 4.0])]
    public function test_a_switch_acts_where_it_says(string $decider, float $byK): void
    {
        $steps = self::warm(Orchard::sizing([...Combination::eachDecider()[$decider], '/control/stages/0/decider/offC' => 80]));
        $on = array_values(array_filter($steps, static fn (TestStep $step): bool => str_ends_with($step->id, '/on')))[0];

        self::assertEqualsWithDelta([92.0 - $byK, 92.0, 92.0 + $byK], [$on->least, $on->expected, $on->most], 1e-9);
        self::assertSame([Phase::Warm, 15], [$on->phase, $on->minutes]);
    }

    /** In a queue the model is within 5 K, and 5 K cooler is no fault; a plug is too warm 20 K over the bay. Common practice, no source. */
    public function test_what_is_too_warm(): void
    {
        $steps = array_column(array_map(static fn (TestStep $step): array => [$step->id, $step], self::warm(Orchard::sizing())), 1, 0);
        $queue = $steps['queue/celsius//'];

        self::assertEqualsWithDelta(-10.0, $queue->least - $queue->expected, 1e-9);
        self::assertEqualsWithDelta(min(Orchard::brief()->cooling->ceilingC, $queue->expected + 5.0), $queue->most, 1e-9);
        self::assertSame(80.0, $steps['week/celsius/fan-1/']->most, 'twenty kelvin over a bay of 60 °C');
        self::assertTrue($steps['week/celsius/fan-1/']->passes(80.0));
        self::assertFalse($steps['week/celsius/fan-1/']->passes(80.1));
        self::assertSame(Phase::Later, $steps['week/seen/clamps/']->phase);
    }

    /** Before the battery goes on: what is printed on a fuse, what a coil and a motor have, what a cold switch has. */
    public function test_before_power_everything_is_measured_that_can_be(): void
    {
        $sizing = Orchard::sizing(['/pinned/fan-1-fuse' => 'blade-25']);
        $steps = array_column(array_map(static fn (TestStep $step): array => [$step->id, $step], (new StepsBeforePower($sizing))->steps()), 1, 0);
        $coil = $steps['out/ohm/fan-1-relay:86/fan-1-relay:85'];

        self::assertSame([25.0, 25.0], [$steps['printed/ampere/fan-1-fuse/']->least, $steps['printed/ampere/fan-1-fuse/']->most]);
        self::assertEqualsWithDelta(85.0, $coil->expected, 0.5, 'as its maker says');
        // A fifth by its winding's make and heat, and what the meter is off.
        self::assertEqualsWithDelta(0.2 * $coil->expected + Reads::Ohm->error(85.0), $coil->expected - $coil->least, 0.02);
        self::assertEqualsWithDelta(0.2 * $coil->expected + Reads::Ohm->error(85.0), $coil->most - $coil->expected, 0.02);
        $switch = $steps['out/ohm/stage-1-switch:1/stage-1-switch:2'];
        self::assertSame([Reads::OPEN_OHM, INF], [$switch->least, $switch->most], 'open while cold');
    }

    /** Coils that lie beside each other are measured together, and that is said; a switch that rests closed has its body's earth measured. */
    public function test_what_is_measured_together_is_said(): void
    {
        $titles = static fn (array $changes): array => array_map(
            static fn (TestStep $step): string => $step->title->code, (new StepsBeforePower(Orchard::sizing($changes)))->steps(),
        );
        $closing = Combination::deciders()['switch closing when hot'];
        $each = $titles(Combination::changes($closing, Combination::loads()['two, a relay each']));

        self::assertContains('test.coil-ohms-out', $each);
        self::assertNotContains('test.coil-ohms', $each);
        self::assertNotContains('test.coil-ohms-out', $titles([]));
        self::assertContains('test.switch-ohms', $titles(['/control/stages/0/decider/place' => 'engine-outlet']), 'open while cold, whatever its body is at');
        $opening = ['/control/stages/0/decider' => [...Combination::deciders()['switch opening when hot'], 'place' => 'engine-outlet']];
        self::assertContains('test.body-earth', $titles($opening));
    }

    /** A motor in the way back of another is no earth: of a pair in series only the second one's is measured. */
    public function test_an_earth_is_measured_where_nothing_lies_before_it(): void
    {
        $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['computer'], Combination::loads()['series and parallel']));
        $steps = array_map(static fn (TestStep $step): string => $step->id, (new StepsBeforePower($sizing))->steps());

        self::assertContains('out/ohm/fan-2:-/'.Rail::EARTH, $steps);
        self::assertNotContains('out/ohm/fan-1:-/'.Rail::EARTH, $steps);
    }

    /** Below its thermostat no fan brings the coolant: off under it is not waited for. On and off are read by one instrument and never overlap. */
    public function test_what_is_read_of_on_and_off(): void
    {
        $decider = '/control/stages/0/decider';
        $at = static fn (float $onC, float $offC): array => self::byId(Orchard::sizing([
            "{$decider}/onC" => $onC, "{$decider}/offC" => $offC, "{$decider}/place" => 'radiator-inlet',
        ]));
        $usual = $at(92, 87);
        [$on, $off] = [$usual['warm/celsius/stage-1-switch/on'], $usual['warm/celsius/stage-1-switch/off']];

        self::assertLessThanOrEqual($on->least, $off->most);
        self::assertSame([89.5, 94.5], [$on->least, $on->most]);
        self::assertArrayNotHasKey('warm/celsius/stage-1-switch/off', $at(92, 60));
        self::assertArrayHasKey('warm/celsius/stage-1-switch/on', $at(92, 60));
    }

    /** What starts softly has no peak to clamp. */
    public function test_a_soft_start_is_not_clamped(): void
    {
        $stepless = static fn (float $softStartS): array => self::byId(Orchard::sizing(
            Combination::changes([...Combination::deciders()['stepless'], 'softStartS' => $softStartS], Combination::loads()['one fan']),
        ));

        self::assertArrayNotHasKey('start/ampere/fan-1/', $stepless(4));
        self::assertArrayHasKey('start/ampere/fan-1/', $stepless(0));
    }

    /** Six metres of 0.5 mm² are 0.22 Ω cold (ISO 6722, from memory), and a third more warm: a poor earth, and the more worth measuring. */
    public function test_a_long_thin_earth_is_measured_too(): void
    {
        $thin = self::byId(Orchard::sizing(['/runs/fan-to-earth' => ['lengthM' => 6, 'conductor' => 'metric-0.5']]));

        self::assertEqualsWithDelta(0.28, $thin['out/ohm/fan-1:-/'.Rail::EARTH]->expected, 0.06);
    }

    /** A look takes a minute, volts and amperes two. Common practice, no source. */
    public function test_how_long_a_test_takes(): void
    {
        $plan = Workshop::plan('orchard-sprayer');
        foreach (['out/ohm/fan-1:+/fan-1:-' => 1, 'rest/seen//' => 1, 'hot-1/volt/fan-1:+/fan-1:-' => 2, 'hot-1/ampere/W4/' => 2, 'start/ampere/fan-1/' => 2] as $id => $minutes) {
            self::assertSame($minutes, $plan->step($id)?->minutes, $id);
        }
        self::assertNull($plan->step('hot-1/volt/nowhere:1/fan-1:+'));
    }

    /** The stand-in's fans draw 6 % more or less (standard deviation), about what they were told to; so many vehicles tell. */
    public function test_the_stand_in_scatters_about_what_is_told(): void
    {
        $plan = Workshop::plan('orchard-sprayer');
        $measurement = new Measurement('hot-1', Reads::Ampere, 'W4', '');
        $told = $measurement->value($plan->point('hot-1'));
        $ratios = [];
        for ($seed = 1; $seed <= 300; $seed++) {
            $ratios[] = (new StandInMeter($plan, $seed, hasBadJoint: false))->shows($measurement) / $told;
        }
        $mean = array_sum($ratios) / count($ratios);
        $spread = sqrt(array_sum(array_map(static fn (float $ratio): float => ($ratio - $mean) ** 2, $ratios)) / count($ratios));

        self::assertEqualsWithDelta(1.0, $mean, 0.03, 'a battery that is not quite full takes a little away');
        self::assertEqualsWithDelta(0.06, $spread, 0.01);
    }

    /** A reading counts for another design's test where both expect the same to a hundredth: no meter in a workshop tells more. */
    public function test_a_reading_counts_while_the_same_is_expected(): void
    {
        $step = static fn (float $least, float $most): string => (new TestStep('one', Phase::Cold, Message::verbatim('x'), [], Reads::Volt, null, $least, $most, 1))->fingerprint();

        self::assertSame($step(12.0, 14.0), $step(12.004, 14.004));
        self::assertNotSame($step(12.0, 14.0), $step(12.006, 14.0));
        self::assertNotSame($step(12.0, 14.0), $step(12.0, 14.006));
        self::assertSame($step(12.0, INF), $step(12.0, 1e9), 'an open end is an open end');
        self::assertSame(12, strlen($step(0.0, 1.0)));
    }

    /** 7.4 l with 45 % glycol: to a tenth of a litre each. */
    public function test_the_mix_is_told_to_a_tenth_of_a_litre(): void
    {
        $sizing = Orchard::sizing(['/cooling/coolantLitres' => 7.4, '/cooling/glycolPercent' => 45]);
        $fill = (new WorkPlan($sizing, new TestPlan($sizing)))->steps()['fill'];

        self::assertStringContainsString('3.3 l of concentrate and 4.1 l of water', Orchard::english($fill->items[0]));
    }

    /** A time relay is set within a fifth; a start, clamped with the peak held, is between a half and a fifth more. Common practice, no source. */
    public function test_times_and_starts_have_a_wide_band(): void
    {
        $steps = self::byId(Orchard::sizing(['/control/afterRun' => ['delayS' => 240]]));
        $time = $steps['after-run/second//'];
        $start = $steps['start/ampere/fan-1/'];

        self::assertEqualsWithDelta([192.0, 240.0, 288.0, 5], [$time->least, $time->expected, $time->most, $time->minutes], 1e-9);
        self::assertEqualsWithDelta([0.55, 1.2], [$start->least / $start->expected, $start->most / $start->expected], 1e-9);
        self::assertCount(1, array_filter(array_keys($steps), static fn (string $id): bool => str_starts_with($id, 'start/')), 'once for each fan');
    }

    /** A start is clamped where the fan has its whole voltage: of two speeds at the high one. */
    public function test_a_start_is_measured_at_full_voltage(): void
    {
        $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['dropping resistor']));
        $plan = new TestPlan($sizing);
        $steps = array_values(array_filter($plan->steps(), static fn (TestStep $step): bool => str_starts_with($step->id, 'start/')));

        self::assertCount(1, $steps);
        self::assertGreaterThan(0.8 * 27.0, $steps[0]->expected, 'of 27 A');
    }

    /** Motors have milliohms to a few ohms between their brushes, earths next to nothing, wires lose no more than is expected. */
    public function test_what_must_be_low_may_be_lower(): void
    {
        $steps = self::byId(Orchard::sizing());

        self::assertSame([0.0, 6.0], [$steps['out/ohm/fan-1:+/fan-1:-']->least, $steps['out/ohm/fan-1:+/fan-1:-']->most]);
        self::assertSame(0.0, $steps['out/ohm/fan-1:-/'.Rail::EARTH]->least);
        self::assertLessThan(0.35, $steps['out/ohm/fan-1:-/'.Rail::EARTH]->most);
        $back = array_values(array_filter($steps, static fn (TestStep $step): bool => $step->reads === Reads::Volt && $step->to === Rail::EARTH
            && $step->from !== Rail::SUPPLY && $step->expected < 1.0));
        self::assertNotSame([], $back);
        foreach ($back as $step) {
            self::assertLessThanOrEqual(0.0, $step->least, 'less lost is as good');
        }
    }

    /** A sensor is made to act three kelvins beyond where it asks for all it can, in a cold vehicle of 20 °C. */
    public function test_how_hot_a_sensor_is_made(): void
    {
        $settings = (new Settings(Orchard::sizing()->circuit))->all();

        self::assertSame(20.0, $settings['rest']->conditions->coolantC);
        $switch = Orchard::sizing()->circuit->sensors()['stage-1-switch'];
        self::assertEqualsWithDelta(max($switch->thresholdsC()) + 3.0, $settings['hot-1']->conditions->localC['stage-1-switch'], 1e-9);
    }

    /** @return array<string, TestStep> by id */
    private static function byId(Sizing $sizing): array
    {
        return array_column(array_map(static fn (TestStep $step): array => [$step->id, $step], (new TestPlan($sizing))->steps()), 1, 0);
    }

    /** Where no coolant was opened there is no clamp to draw up and no level to look at. */
    public function test_shut_coolant_needs_no_second_look(): void
    {
        $file = Orchard::file();
        $sizing = Orchard::sizing(['/found' => ['fans' => $file['fans'], 'control' => [...$file['control'], 'overrides' => []]]]);
        $steps = (new WorkPlan($sizing, new TestPlan($sizing)))->steps();

        self::assertArrayNotHasKey('week/seen/clamps/', self::byId($sizing));
        self::assertSame([], array_intersect(['drain', 'flush', 'probe', 'fan', 'fuse-box', 'fill', 'bleed', 'heat-cycle', 'take-out'], array_keys($steps)));
        self::assertSame(['battery-off', 'original', 'wire', 'along', 'plugs'], array_slice(array_keys($steps), 0, 5));
        self::assertLessThan(240.0, array_sum(array_map(static fn ($step): float => $step->minutes, $steps)), 'an afternoon, where a new loom is two days');
    }

    /** What takes two pairs of hands, and what waits until the engine is cold. */
    public function test_hands_and_cold_engines(): void
    {
        $sizing = Orchard::sizing(['/engineFan' => ['drive' => 'viscous', 'isRemoved' => true, 'diameterMm' => 420]]);
        $steps = (new WorkPlan($sizing, new TestPlan($sizing)))->steps();
        $cold = array_keys(array_filter($steps, static fn ($step): bool => $step->waitsForCold));
        $twoHands = array_keys(array_filter($steps, static fn ($step): bool => $step->hands > 1));

        self::assertSame(['old-fan', 'drain', 'flush', 'probe', 'fan', 'heat-cycle'], $cold);
        self::assertContains('old-fan', $twoHands);
        self::assertSame(1, $steps['battery-off']->hands);
        foreach (['battery-off', 'cool-down', 'old-fan', 'battery-on'] as $dangerous) {
            self::assertNotNull($steps[$dangerous]->caution, $dangerous);
        }
        self::assertGreaterThanOrEqual(60, $steps['cool-down']->minutes, 'nobody opens a hot cap');
    }

    /** @return list<TestStep> */
    private static function warm(Sizing $sizing): array
    {
        return StepsWarm::of($sizing, Vehicle::of($sizing));
    }
}
