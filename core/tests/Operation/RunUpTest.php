<?php

declare(strict_types=1);

namespace LampThread\Tests\Operation;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Exchange\SpiceNetlist;
use LampThread\Network\Element\MotorModel;
use LampThread\Operation\RungeKutta;
use LampThread\Operation\RunUp;
use LampThread\Operation\Solver;
use LampThread\Operation\Surge;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Starts of fans against time: against ngspice, against the closed form, and against each other. */
final class RunUpTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> changes to the Orchard job, and the fuse that is looked at */
    public static function starts(): iterable
    {
        yield 'one fan' => [[], 'fan-1-fuse'];
        yield 'one fan, quick' => [['/fans/0/startS' => 0.4], 'fan-1-fuse'];
        yield '24 V' => [Orchard::AT_24V, 'fan-1-fuse'];
        $load = Combination::loads();
        $hand = Combination::deciders()['hand'];
        yield 'two on one relay' => [Combination::changes($hand, $load['two on one relay']), 'fan-1-fuse'];
        yield 'two together, a relay each' => [Combination::changes($hand, $load['two, a relay each']), 'fan-2-fuse'];
        yield 'two in series' => [
            [...Combination::changes($hand, $load['series and parallel']), '/control/stages/1/decider' => Combination::deciders()['switch closing when hot']],
            'fan-1-fuse',
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('starts')]
    public function test_peak_duration_and_dip_agree_with_ngspice_within_one_percent(array $changes, string $fuse): void
    {
        $runUp = $this->runUp($changes, $fuse);
        $surge = $runUp->surge($fuse);
        $spice = Ngspice::measured($this->netlist($runUp, $fuse, 1.1 * abs($surge->currentsA[count($surge->currentsA) - 1])));

        self::assertEqualsWithDelta($spice['peak'], $surge->peakA, 0.01 * $surge->peakA);
        self::assertEqualsWithDelta($spice['over'], $surge->durationS, 0.01 * $surge->durationS + 0.01);
        self::assertEqualsWithDelta($spice['dip'], $runUp->leastV('battery:+'), 0.01);
    }

    /** dE/dt = a·I_r(1 − e)(e + s) by partial fractions: at its run-up time a motor on a stiff supply has 95 % of its speed. */
    public function test_it_reaches_ninety_five_percent_at_its_run_up_time(): void
    {
        $model = new MotorModel(13, 15.5, 46);
        $rise = $model->emfVPerAs(1.5);
        $slopes = static fn (float $timeS, array $emfV): array => [
            $rise * ((13 - $emfV[0]) / $model->armatureOhm - $model->runA * ($emfV[0] / $model->ratedEmfV) ** 2),
        ];
        $emfV = [0.0];
        for ($step = 0; $step < 1500; $step++) {
            $emfV = RungeKutta::step($slopes, $step / 1000, $emfV, 0.001);
        }

        self::assertEqualsWithDelta(0.95 * $model->ratedEmfV, $emfV[0], 1e-6);
    }

    public function test_halving_the_step_shows_fourth_order(): void
    {
        $error = static function (int $steps): float {
            $state = [1.0];
            for ($step = 0; $step < $steps; $step++) {
                $state = RungeKutta::step(static fn (float $timeS, array $y): array => [-$y[0]], $step / $steps, $state, 1 / $steps);
            }

            return abs($state[0] - exp(-1));
        };

        self::assertEqualsWithDelta(16.0, $error(10) / $error(20), 1.0);
    }

    public function test_two_fans_together_pull_the_battery_lower_than_one_after_the_other(): void
    {
        $hand = Combination::deciders()['hand'];
        $together = $this->runUp(Combination::changes($hand, Combination::loads()['two, a relay each']), 'fan-1-fuse');
        $alone = $this->runUp(Combination::changes($hand, Combination::loads()['one fan']), 'fan-1-fuse');

        self::assertLessThan($alone->leastV('battery:+') - 0.1, $together->leastV('battery:+'));
    }

    public function test_the_last_of_two_starts_on_a_battery_the_first_already_draws_from(): void
    {
        $together = $this->runUp(Combination::changes(Combination::deciders()['hand'], Combination::loads()['two, a relay each']), 'fan-1-fuse');
        $last = $together->again('fan-1');

        self::assertGreaterThan($together->leastV('battery:+'), $last->leastV('battery:+'));
        self::assertGreaterThan(0.9 * $together->surge('fan-1-fuse')->peakA, $last->surge('fan-1-fuse')->peakA);
        $running = $last->currentsA['fan-2'];
        self::assertEqualsWithDelta($running[0], $running[count($running) - 1], 1.0, 'the other runs on');
        self::assertSame($together->timesS, $last->timesS);
    }

    public function test_fans_in_series_start_with_less_than_half_the_current(): void
    {
        $series = $this->runUp(iterator_to_array(self::starts())['two in series'][0], 'fan-1-fuse');
        $alone = $this->runUp(Combination::changes(Combination::deciders()['hand'], Combination::loads()['one fan']), 'fan-1-fuse');

        self::assertLessThan(0.55 * $alone->surge('fan-1-fuse')->peakA, $series->surge('fan-1-fuse')->peakA);
    }

    public function test_a_soft_start_takes_the_peak_away(): void
    {
        $stepless = Combination::deciders()['stepless'];
        $load = Combination::loads()['one fan'];
        $soft = $this->runUp(Combination::changes([...$stepless, 'softStartS' => 4], $load), 'fan-1-fuse')->surge('fan-1-fuse');
        $hard = $this->runUp(Combination::changes([...$stepless, 'softStartS' => 0], $load), 'fan-1-fuse')->surge('fan-1-fuse');

        $brief = $this->runUp(Combination::changes([...$stepless, 'softStartS' => 0.8], $load), 'fan-1-fuse')->surge('fan-1-fuse');

        self::assertGreaterThan(24.0, $hard->peakA);
        self::assertLessThan(14.0, $soft->peakA);
        self::assertLessThan(0.9 * $hard->peakA, $brief->peakA, 'also within a second');
        self::assertGreaterThan($soft->peakA, $brief->peakA);
    }

    /** A fan that is told to take three times as long to run up does, and is watched until it has. */
    public function test_a_start_lasts_as_long_as_it_is_told_to(): void
    {
        $startS = static fn (float $seconds): Surge => self::started(['/fans/0/startS' => $seconds]);
        [$short, $long] = [$startS(1.0), $startS(3.0)];

        self::assertEqualsWithDelta(3.0, $long->durationS / $short->durationS, 0.3);
        self::assertEqualsWithDelta($short->peakA, $long->peakA, 0.05 * $short->peakA);
        // It is watched three times as long as it is told to take, however short that is.
        $brief = $startS(0.4);
        self::assertEqualsWithDelta([1.2, 9.0], [$brief->timesS[count($brief->timesS) - 1], $long->timesS[count($long->timesS) - 1]], 1e-6);
        $last = count($long->currentsA) - 1;
        self::assertEqualsWithDelta($long->currentsA[$last], $long->currentsA[$last - 1], 0.02 * abs($long->currentsA[$last]), 'it has run up');
    }

    public function test_the_heat_of_a_known_decay(): void
    {
        $timesS = range(0.0, 6.0, 0.001);
        $surge = new Surge($timesS, array_map(static fn (float $timeS): float => 10 + 30 * exp(-$timeS), $timesS));

        self::assertSame(40.0, $surge->peakA);
        // 10 + 30·exp(−t) falls to a tenth above its end value at t = ln 30, the end itself not quite reached at 6 s.
        self::assertEqualsWithDelta(log(30), $surge->durationS, 0.25);
        [$timeS, $equivalentA] = $surge->equivalents()[3999];
        self::assertEqualsWithDelta(4.0, $timeS, 1e-9);
        $heat = 400 + 600 * (1 - exp(-4)) + 450 * (1 - exp(-8));
        self::assertEqualsWithDelta(sqrt($heat / 4), $equivalentA, 1e-4, 'the steady current that heats as much in 4 s');
    }

    /** Between two samples the current falls in a straight line: from 20 A to 10 A within a second it is 11 A, a tenth over the end, after nine tenths. */
    public function test_a_start_is_over_between_two_samples(): void
    {
        self::assertEqualsWithDelta(1.9, (new Surge([0.0, 1.0, 2.0], [30.0, 20.0, 10.0]))->durationS, 1e-9);
        self::assertSame(0.0, (new Surge([0.0, 1.0], [10.0, 10.0]))->durationS, 'what never surges is over at once');
    }

    /** A fan, its fuse and its feed lie in one row; what is watched is told of what it was asked for. */
    public function test_what_is_watched_along_a_start(): void
    {
        $circuit = Orchard::sizing()->circuit;
        $solver = new Solver($circuit);
        $standing = $solver->settle(new OperatingConditions(Key::Run, 3000, 130, jammed: ['fan-1']));
        $runUp = RunUp::of($solver, $standing, ['fan-1-fuse', 'W4'], ['battery:+', 'fan-1:+', 'fan-1:-']);
        $ends = $solver->settle(new OperatingConditions(Key::Run, 3000, 130));

        foreach ($runUp->timesS as $at => $timeS) {
            self::assertGreaterThan($runUp->timesS[$at - 1] ?? -1.0, $timeS);
            self::assertEqualsWithDelta(abs($runUp->currentsA['fan-1'][$at]), abs($runUp->currentsA['fan-1-fuse'][$at]), 0.02);
            self::assertEqualsWithDelta(abs($runUp->currentsA['fan-1'][$at]), abs($runUp->currentsA['W4'][$at]), 0.02);
        }
        self::assertSame(0.0, $runUp->timesS[0]);
        self::assertEqualsWithDelta(0.0, $runUp->currentsA['fan-1'][0], 1e-9, 'an inductance carries nothing at once');
        foreach (['battery:+', 'fan-1:+', 'fan-1:-'] as $terminal) {
            $volts = $runUp->volts[$terminal];
            self::assertEqualsWithDelta($ends->voltages->at($terminal), $volts[count($volts) - 1], 0.1, $terminal);
        }
        self::assertLessThan($runUp->leastV('battery:+'), $runUp->leastV('fan-1:+'));
    }

    /** Along a soft start the fan is given more and more: never more than a moment later, and all of what it is asked for at the end. */
    public function test_a_soft_start_gives_more_and_more(): void
    {
        $circuit = Orchard::sizing(Combination::changes([...Combination::deciders()['stepless'], 'softStartS' => 6], Combination::loads()['one fan']))->circuit;
        $solver = new Solver($circuit);
        $runUp = RunUp::of($solver, $solver->settle(new OperatingConditions(Key::Run, 3000, 130, jammed: ['fan-1'])), [], ['fan-1:+', 'fan-1:-']);
        $volts = array_map(static fn (float $plus, float $minus): float => $plus - $minus, $runUp->volts['fan-1:+'], $runUp->volts['fan-1:-']);
        $at = static function (float $timeS) use ($runUp, $volts): float {
            foreach ($runUp->timesS as $sample => $sampledS) {
                if ($sampledS >= $timeS) {
                    return $volts[$sample];
                }
            }

            return INF;
        };

        self::assertEqualsWithDelta(0.5, $at(3.0) / $at(6.2), 0.1, 'half of it half way');
        self::assertEqualsWithDelta(0.25, $at(1.5) / $at(6.2), 0.1);
        self::assertEqualsWithDelta($at(6.2), $volts[count($volts) - 1], 0.4);
    }

    /** @param  array<string, mixed>  $changes */
    private static function started(array $changes): Surge
    {
        $circuit = Orchard::sizing($changes)->circuit;
        $solver = new Solver($circuit);

        return RunUp::of($solver, $solver->settle(new OperatingConditions(Key::Run, 3000, 130, jammed: ['fan-1'])), ['fan-1-fuse'], [])->surge('fan-1-fuse');
    }

    /** @param  array<string, mixed>  $changes */
    private function runUp(array $changes, string $fuse): RunUp
    {
        $circuit = Orchard::sizing($changes)->circuit;
        $solver = new Solver($circuit);
        $jammed = array_map(static fn (FanMotor $motor): string => $motor->id, $circuit->each(FanMotor::class));
        $inputs = array_map(static fn (array $positions): string => $positions[count($positions) - 1], $circuit->positions());
        $hot = isset($inputs['stage-2-switch']) || count($jammed) === 1 || ! isset($circuit->components['series-relay']) ? 130.0 : 20.0;

        return RunUp::of($solver, $solver->settle(new OperatingConditions(Key::Run, 3000, $hot, $inputs, jammed: $jammed)), [$fuse], ['battery:+']);
    }

    /** The standing circuit as a netlist, each armature opened to take its inductance and its back-EMF, kept as a capacitor's voltage. */
    private function netlist(RunUp $runUp, string $fuse, float $overA): string
    {
        $lines = [];
        $motors = [];
        foreach ($runUp->standing->circuit->each(FanMotor::class) as $motor) {
            $motors[str_replace('-', '_', $motor->id)] = $motor;
        }
        $fuseName = str_replace('-', '_', $fuse);
        $standing = (new Solver($runUp->standing->circuit))->held($runUp->standing->conditions, $runUp->standing->positions, []);
        foreach (explode("\n", SpiceNetlist::of($standing, 'start')) as $line) {
            [$name, $from, $to, $ohm] = [...explode(' ', $line), '', '', '', ''];
            $motor = $motors[substr($name, 1)] ?? null;
            if ($motor !== null) {
                $id = substr($name, 1);
                $model = $motor->model;
                array_push(
                    $lines,
                    "R{$id} {$from} {$id}_a {$ohm}",
                    sprintf('L%s %s_a %s_b %.9g IC=0', $id, $id, $id, RunUp::ARMATURE_S * $model->armatureOhm),
                    "Vs{$id} {$id}_b {$id}_c 0",
                    "Be{$id} {$id}_c {$to} V=V({$id}_e)",
                    sprintf('C%s %s_e 0 %.9g IC=0', $id, $id, 1 / $model->emfVPerAs($motor->fan->startS)),
                    sprintf('Bt%1$s 0 %1$s_e I=I(Vs%1$s)-%2$.9g*V(%1$s_e)*abs(V(%1$s_e))', $id, $model->runA / $model->ratedEmfV ** 2),
                );
            } elseif ($name === "R{$fuseName}") {
                array_push($lines, "Vf {$from} {$fuseName}_in 0", "R{$fuseName} {$fuseName}_in {$to} {$ohm}");
            } elseif ($line === '.op') {
                $spanS = $runUp->timesS[count($runUp->timesS) - 1];
                array_push(
                    $lines,
                    sprintf('.tran 0.2m %.6g uic', $spanS),
                    '.meas tran peak MAX i(Vf)',
                    sprintf('.meas tran over WHEN i(Vf)=%.9g FALL=1', $overA),
                    '.meas tran dip MIN v(battery_p) from=1m',
                );
            } else {
                $lines[] = $line;
            }
        }

        return implode("\n", $lines);
    }
}
