<?php

declare(strict_types=1);

namespace LampThread\Tests\Operation;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Rail;
use LampThread\Network\Element\Resistor;
use LampThread\Operation\Ohmmeter;
use LampThread\Operation\RungeKutta;
use LampThread\Operation\SeriesChains;
use LampThread\Operation\SmallSignal;
use LampThread\Operation\Solver;
use LampThread\Operation\Surge;
use LampThread\Tests\Combination;
use LampThread\Tests\Handover\Workshop;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** What a little more or less does: a joint, a draw, an exchanged pair of wires, the end of a start. */
final class SmallChangesTest extends TestCase
{
    /** The answer to a small resistance in series, against the circuit solved with it (compensation theorem). */
    public function test_a_small_change_answers_as_the_circuit_does(): void
    {
        $plan = Workshop::plan('tern-step-van');
        $sound = $plan->point('hot-2');
        $signal = new SmallSignal($sound->elements(), $sound->voltages);
        $compared = 0;
        foreach ($sound->elementsByPart() as $id => $elements) {
            $part = $plan->circuit->part($id);
            foreach ($elements as $element) {
                $ampere = $sound->currentA($element->name());
                if ($part === null || ! in_array($element->name(), $part->jointElements(), true) || abs($ampere) < 1.0 || $part->fault(FaultKind::SlightJoint) === null) {
                    continue;
                }
                $worse = (new Solver($plan->circuit))->settle($sound->conditions->withFaults(new Faults(jointOhms: [$id => 0.01])));
                $volts = 0.01 * $ampere / (1 + 0.01 * $signal->admittanceS($element));
                foreach (['fan-1:+', 'fan-2:-'] as $terminal) {
                    self::assertEqualsWithDelta(
                        $worse->voltages->at($terminal) - $sound->voltages->at($terminal), $volts * $signal->inSeries($element)->at($terminal), 0.002, "{$id} at {$terminal}",
                    );
                }
                $compared++;
            }
        }
        self::assertGreaterThan(5, $compared);
    }

    /** What the circuit answers to an ampere more that a fan takes, against the circuit solved with a fan that takes a little more. */
    public function test_an_ampere_more_answers_as_the_circuit_does(): void
    {
        $circuit = Orchard::sizing()->circuit;
        $solver = new Solver($circuit);
        $hot = new OperatingConditions(Key::Run, 850, 110);
        $sound = $solver->settle($hot);
        $more = $solver->settle($hot->withFaults(new Faults(draws: ['fan-1' => 1.01])));
        $fan = array_values(array_filter($sound->elements(), static fn ($element): bool => $element->name() === 'fan-1'))[0];
        $byA = abs($more->currentA('W4')) - abs($sound->currentA('W4'));
        $volts = (new SmallSignal($sound->elements(), $sound->voltages))->taken($fan);
        $perA = static fn (string $terminal): float => ($more->voltages->at($terminal) - $sound->voltages->at($terminal)) / $byA;

        self::assertGreaterThan(0.02, $byA);
        self::assertLessThan(-0.01, $perA('fan-1:+'));
        // The fan answers itself to what it then gets: the ampere is what it takes at an unchanged voltage, a little more than what flows.
        $ratio = $volts->at('fan-1:+') / $perA('fan-1:+');
        self::assertEqualsWithDelta(1.0, $ratio, 0.1);
        self::assertEqualsWithDelta($volts->at('battery:+') / $volts->at('fan-1:+'), $perA('battery:+') / $perA('fan-1:+'), 0.02);
    }

    /** A fan that draws half as much again takes half as much again, though no joint of it is bad. */
    public function test_a_fan_that_draws_more_takes_more(): void
    {
        $solver = new Solver(Orchard::sizing()->circuit);
        $hot = new OperatingConditions(Key::Run, 850, 110);
        $sound = $solver->settle($hot);
        $more = $solver->settle($hot->withFaults(new Faults(draws: ['fan-1' => 1.5])));
        $joint = $solver->settle($hot->withFaults(new Faults(jointOhms: ['W4' => 0.2])));

        self::assertEqualsWithDelta(1.4, $more->currentA('fan-1') / $sound->currentA('fan-1'), 0.09, 'a little less, for the feed loses more');
        self::assertLessThan(0.95, $joint->currentA('fan-1') / $sound->currentA('fan-1'));
        self::assertGreaterThan($sound->voltages->at('fan-1:+') - 0.2 * $sound->currentA('W4') - 0.3, $joint->voltages->at('fan-1:+'));
    }

    /** 87 and 87a exchanged at a change-over relay: at rest the fan is fed from the override's own fuse, and pulled in from what was there. */
    public function test_make_and_rest_exchanged_run_the_fan_at_rest(): void
    {
        $circuit = Orchard::sizing(Combination::changes(
            Combination::deciders()['switch closing when hot'], Combination::loads()['one fan'], 'earth', null, Combination::overrides()['change-over'],
        ))->circuit;
        $solver = new Solver($circuit);
        $turns = static fn (string $override, bool $isExchanged): bool => $solver->settle((new OperatingConditions(Key::Run, 850, 20, ['override' => $override]))->withFaults(
            $isExchanged ? $circuit->broken(['fan-1-override-relay' => FaultKind::Exchanged87And87a]) : new Faults,
        ))->position('fan-1') === FanMotor::TURNING;

        self::assertSame([false, true], [$turns('off', false), $turns('on', false)]);
        self::assertSame([true, false], [$turns('off', true), $turns('on', true)]);
    }

    /** Of parts in a row one current flows: opened anywhere it is one thing. What lies beside is another. */
    public function test_what_lies_in_a_row_is_one_chain(): void
    {
        $circuit = Orchard::sizing()->circuit;
        $point = (new Solver($circuit))->settle(new OperatingConditions(Key::Run, 850, 110));
        $chains = SeriesChains::of($point);

        foreach (['W2', 'W3', 'fan-1-relay-contact', 'W4', 'fan-1', 'W5'] as $inRow) {
            self::assertSame($chains->chain('fan-1-fuse'), $chains->chain($inRow), $inRow);
        }
        foreach (['battery', 'fan-1-relay-coil', 'W7', 'coil-fuse'] as $beside) {
            self::assertNotSame($chains->chain('fan-1-fuse'), $chains->chain($beside), $beside);
        }
        self::assertSame([0.0, 0], [$point->currentA('nothing of that name'), $point->position('nothing of that name')], 'where nothing is nothing flows, and nothing moves');
        $signal = new SmallSignal($point->elements(), $point->voltages);
        $elsewhere = new Resistor('nothing of that name', 'fan-1:+', 'fan-1:-', 1.0);
        self::assertSame([0.0, 0.0], [$signal->admittanceS($elsewhere), $signal->inSeries($elsewhere)->at('fan-1:+')], 'and no volt in series with it drives anything');
    }

    /** What a short at the fan's plug is limited by: the battery, and what a meter finds there and back with the relay pulled in. */
    public function test_a_short_is_limited_by_battery_way_there_and_way_back(): void
    {
        $sizing = Orchard::sizing();
        $solver = new Solver($sizing->circuit);
        $hot = $solver->settle(new OperatingConditions(Key::Run, 0, 110));
        $ways = Ohmmeter::between($hot, Rail::SUPPLY, 'fan-1:+') + Ohmmeter::between($hot, 'fan-1:-', Rail::EARTH);

        self::assertEqualsWithDelta($sizing->brief->supply->batteryMilliohm / 1000 + $ways, $solver->loopOhm($hot, 'fan-1:+', 'fan-1:-'), 0.002);
    }

    /** The classical Runge-Kutta step (any numerical textbook) is Simpson's rule where the slope hangs on time alone, exact to its cube; e^h to h⁵/120. */
    public function test_a_step_in_time_is_runge_and_kuttas(): void
    {
        self::assertEqualsWithDelta([0.25], RungeKutta::step(static fn (float $timeS): array => [$timeS ** 3], 0.0, [0.0], 1.0), 1e-12);
        self::assertEqualsWithDelta([1 + 1 + 1 / 2 + 1 / 6 + 1 / 24], RungeKutta::step(static fn (float $timeS, array $state): array => $state, 0.0, [1.0], 1.0), 1e-12);
    }

    /** A start is over when the current stays within a tenth of its end: between two samples, in a straight line. By hand. */
    public function test_the_end_of_a_start_lies_between_samples(): void
    {
        $surge = new Surge([0.0, 1.0, 2.0, 3.0], [40.0, 12.0, 10.5, 10.0]);
        // From 12 A to 10.5 A in a second, the limit is 11 A: two thirds of it.
        self::assertEqualsWithDelta(1.0 + (12.0 - 11.0) / (12.0 - 10.5), $surge->durationS, 1e-9);
        $heat = (40.0 ** 2 + 12.0 ** 2) / 2;
        self::assertEqualsWithDelta($heat + 2 / 3 * (12.0 ** 2 + 10.5 ** 2) / 2, $surge->heatA2s, 1e-9);

        self::assertSame(0.0, (new Surge([0.0, 1.0], [10.0, 10.0]))->durationS, 'what never was above it is over at once');
        self::assertSame([40.0, 40.0], [(new Surge([0.0, 1.0], [-40.0, -10.0]))->peakA, $surge->peakA], 'whichever way it flows');
    }
}
