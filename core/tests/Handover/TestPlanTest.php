<?php

declare(strict_types=1);

namespace LampThread\Tests\Handover;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Faults;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Handover\Phase;
use LampThread\Handover\StandInMeter;
use LampThread\Handover\TestPlan;
use LampThread\Handover\TestStep;
use LampThread\Handover\WorkPlan;
use LampThread\Message\InvalidInput;
use LampThread\Observation\Reads;
use LampThread\Operation\Solver;
use LampThread\Tests\Operation\Ngspice;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each job is tested for, what should be read, and how far that may be off. */
final class TestPlanTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function jobs(): iterable
    {
        foreach (Workshop::jobs() as $job) {
            yield $job => [$job];
        }
    }

    #[DataProvider('jobs')]
    public function test_a_plan_goes_from_safe_to_dear_and_expects_what_it_lets_pass(string $job): void
    {
        $steps = Workshop::plan($job)->steps();
        $order = array_column(Phase::cases(), 'value');
        $phases = array_map(static fn (TestStep $step): int => (int) array_search($step->phase->value, $order, true), array_values($steps));
        $sorted = $phases;
        sort($sorted);
        self::assertSame($sorted, $phases);
        foreach ($steps as $id => $step) {
            self::assertSame($id, $step->id);
            self::assertGreaterThan(0, $step->minutes, $id);
            self::assertTrue($step->expected === null || $step->passes($step->expected), $id);
        }
        foreach (Workshop::sizing($job)->circuit->each(FanMotor::class) as $motor) {
            $ofFan = array_filter($steps, static fn (TestStep $step): bool => $step->reads === Reads::Volt && $step->phase === Phase::Cold && $step->from !== null
                && str_starts_with($step->from, "{$motor->id}:") && $step->to !== null && str_starts_with($step->to, "{$motor->id}:"));
            self::assertNotSame([], $ofFan, "{$motor->id} is measured at its plug");
        }
    }

    /** Every voltage that should be read, in ngspice on the exported netlist of that setting. */
    #[DataProvider('jobs')]
    public function test_what_should_be_read_is_what_ngspice_finds(string $job): void
    {
        $plan = Workshop::plan($job);
        $settings = array_keys($plan->settings);
        $theirs = Ngspice::operatingPoints(array_map(static fn (string $setting): string => SpiceNetlist::of($plan->point($setting), 'test'), $settings));
        $compared = 0;
        foreach ($plan->steps() as $id => $step) {
            $at = array_search(explode('/', $id)[0], $settings, true);
            if ($at !== false && $step->reads === Reads::Volt) {
                $measurement = $plan->measurement($id);
                $volts = static fn (string $terminal): float => $theirs[$at][SpiceNetlist::node($terminal)] ?? 0.0;
                self::assertEqualsWithDelta($volts($measurement->from) - $volts($measurement->to), (float) $step->expected, 0.002, $id);
                $compared++;
            }
        }
        self::assertGreaterThan(5, $compared);
    }

    /** One fan at the limit of its tolerance, ngspice against the small-signal answer: they agree to a tenth of the whole tolerance. */
    public function test_a_tolerance_is_what_ngspice_finds_with_the_fan_at_its_limit(): void
    {
        $plan = Workshop::plan('orchard-sprayer');
        $measurement = $plan->measurement('hot-1/volt/battery:+/fan-1:+');
        $sound = $plan->point('hot-1');
        $heavier = (new Solver($plan->circuit))->settle($sound->conditions->withFaults(new Faults(draws: ['fan-1' => 1.15])));
        [$theirs] = Ngspice::operatingPoints([SpiceNetlist::of($heavier, 'test')]);
        $moved = $theirs[SpiceNetlist::node('battery:+')] - $theirs[SpiceNetlist::node('fan-1:+')] - $measurement->value($sound);
        $tolerance = $plan->tolerance('hot-1')->spread($measurement) - Reads::Volt->error($measurement->value($sound));

        self::assertGreaterThan(0.03, $moved);
        self::assertLessThan($tolerance, $moved, 'the fan is a part of the tolerance');
        self::assertGreaterThan(0.15 * $tolerance, $moved, 'and no small one, beside a relay that has switched for years');
    }

    /** Vehicles a little other than told, read with usual instruments: nothing is wrong with them, and next to nothing is called so. */
    #[DataProvider('jobs')]
    public function test_a_sound_vehicle_passes(string $job): void
    {
        $plan = Workshop::plan($job);
        $wrong = $all = 0;
        foreach (range(1, 8) as $seed) {
            $meter = new StandInMeter($plan, $seed, hasBadJoint: false);
            foreach ($plan->steps() as $id => $step) {
                $isSolved = isset($plan->settings[explode('/', $id)[0]]);
                $all++;
                $wrong += $step->passes($isSolved ? $meter->shows($plan->measurement($id)) : $meter->showsStep($step)) ? 0 : 1;
            }
        }
        self::assertLessThanOrEqual(0.01 * $all, $wrong);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> changes, part of a step's id that must be there */
    public static function arrangements(): iterable
    {
        yield 'after-run is timed' => [['/control/afterRun' => ['delayS' => 180]], 'after-run/second/'];
        yield 'a switch that opens when hot is closed cold' => [['/control/stages/0/decider/action' => 'opens-when-hot'], 'out/ohm/stage-1-switch'];
        yield 'the override is tried' => [[], 'rest+override=on/seen'];
        yield 'the set points are read' => [[], 'warm/celsius/stage-1-switch/off'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('arrangements')]
    public function test_steps_follow_the_job(array $changes, string $id): void
    {
        $steps = (new TestPlan(Orchard::sizing($changes)))->steps();
        self::assertNotSame([], array_filter(array_keys($steps), static fn (string $step): bool => str_starts_with($step, $id)), implode("\n", array_keys($steps)));
    }

    /** 24 V, supply side, body-earthed and more: every sound job has a plan whose every figure is finite and can be read. */
    public function test_every_sound_job_has_a_plan(): void
    {
        foreach (SoundJobs::all() as $name => $changes) {
            foreach ((new TestPlan(Orchard::sizing($changes)))->steps() as $id => $step) {
                [$least, $most] = $step->reads->bounds();
                self::assertTrue($step->expected === null || ($step->expected >= $least && $step->expected <= $most), "{$name}: {$id}");
                self::assertLessThanOrEqual($step->most, $step->least, "{$name}: {$id}");
            }
        }
    }

    public function test_a_reading_of_another_design_is_known_by_its_fingerprint(): void
    {
        $id = 'hot-1/volt/fan-1:+/fan-1:-';
        $step = Workshop::plan('orchard-sprayer')->steps()[$id];
        $other = (new TestPlan(Orchard::sizing(['/runs/relay-to-fan' => ['lengthM' => 9]])))->steps()[$id];
        self::assertNotSame($step->fingerprint(), $other->fingerprint());
        self::assertSame($step->fingerprint(), (new TestPlan(Orchard::sizing(['/job/notes' => 'x'])))->steps()[$id]->fingerprint());
    }

    public function test_a_measurement_that_is_none_is_refused(): void
    {
        foreach (['', 'hot-1/volt/moon:1/battery:-', 'mars/volt/battery:+/battery:-', 'hot-1/smell/battery:+/battery:-', 'hot-1/ampere/W99/'] as $id) {
            try {
                Workshop::plan('orchard-sprayer')->measurement($id);
                self::fail($id);
            } catch (InvalidInput $invalid) {
                self::assertSame('/step', $invalid->problems[0]->at);
            }
        }
    }

    /** What must come before comes before; coolant in the shares of the job; an engine-driven fan that goes is taken off first. */
    public function test_the_work_is_in_an_order_that_can_be_kept(): void
    {
        foreach (Workshop::jobs() as $job) {
            $done = [];
            foreach ((new WorkPlan(Workshop::sizing($job), Workshop::plan($job)))->steps() as $id => $step) {
                self::assertSame([], array_diff($step->needs, $done), "{$job}: {$id}");
                self::assertGreaterThan(0, $step->minutes);
                $done[] = $id;
            }
            self::assertContains('tests-before-power', $done);
        }
        $sizing = Orchard::sizing([
            '/cooling/coolantLitres' => 10, '/cooling/glycolPercent' => 40, '/engineFan' => ['drive' => 'viscous', 'isRemoved' => true, 'diameterMm' => 420],
        ]);
        $fill = (new WorkPlan($sizing, new TestPlan($sizing)))->steps()['fill'];
        self::assertStringContainsString('4 l of concentrate and 6 l of water', Orchard::english($fill->items[0]));
        self::assertArrayHasKey('old-fan', (new WorkPlan($sizing, new TestPlan($sizing)))->steps());
    }
}
