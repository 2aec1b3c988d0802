<?php

declare(strict_types=1);

namespace LampThread\Tests\Operation;

use Eris\Generators;
use Eris\TestTrait;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Wire;
use LampThread\Network\Element\CurrentSource;
use LampThread\Network\Element\Resistor;
use LampThread\Network\Element\VoltageSource;
use LampThread\Network\NodalAnalysis;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** What holds for every circuit, whatever the job: Kirchhoff, energy, symmetry. Tried on jobs nobody chose. */
final class ConservationTest extends TestCase
{
    use TestTrait;

    public function test_currents_sum_to_zero_at_every_terminal(): void
    {
        $this->everyPoint($this->assertCurrentsSumToZero(...));
    }

    public function test_what_the_sources_give_is_what_the_parts_take(): void
    {
        $this->everyPoint($this->assertEnergyBalances(...));
    }

    public function test_a_branch_that_leads_nowhere_changes_nothing(): void
    {
        $this->everyPoint(function (OperatingPoint $point): void {
            $edges = array_map(static fn ($element): array => [$element->from(), $element->to()], $point->elements());
            $longer = [...$point->elements(), new Resistor('stub', 'fan-1-relay:87', 'stub-end', 0.01)];
            $analysis = new NodalAnalysis(Rail::EARTH, [...$edges, ['fan-1-relay:87', 'stub-end']]);
            $volts = $analysis->solve($longer);
            foreach ($point->voltages->byNode as $node => $before) {
                if (isset($volts[$node])) {
                    self::assertEqualsWithDelta($before, $volts[$node], 1e-6, (string) $node);
                }
            }
        });
    }

    public function test_exchanging_the_ends_of_a_wire_changes_nothing(): void
    {
        $this->everyPoint(function (OperatingPoint $point): void {
            $turned = array_map(
                static fn (Wire $wire): Wire => new Wire(
                    $wire->id,
                    $wire->to,
                    $wire->from,
                    $wire->stretch,
                    $wire->segment,
                    $wire->colour,
                    $wire->group,
                    $wire->conductor,
                    $wire->conductorC,
                ),
                $point->circuit->wires,
            );
            $circuit = new Circuit($point->circuit->components, $turned, $point->circuit->wireGroups);
            $again = (new Solver($circuit))->settle($point->conditions);
            foreach ($point->voltages->byNode as $node => $before) {
                self::assertEqualsWithDelta($before, $again->voltages->at((string) $node), 1e-8, (string) $node);
            }
        });
    }

    /** The first two again, on any arrangement there is, at any setting it has. */
    public function test_currents_and_energy_balance_in_every_arrangement(): void
    {
        $combinations = array_values(Combination::pairs());
        $this->limitTo(60)->forAll(
            Generators::choose(0, count($combinations) - 1),
            Generators::choose(0, 10_000),
        )->then(function (int $which, int $at) use ($combinations): void {
            $circuit = Orchard::sizing($combinations[$which][0])->circuit;
            $settings = OperatingEnvelope::conditions($circuit);
            $point = (new Solver($circuit))->settle($settings[$at % count($settings)]);
            $this->assertCurrentsSumToZero($point);
            $this->assertEnergyBalances($point);
        });
    }

    private function assertCurrentsSumToZero(OperatingPoint $point): void
    {
        $sums = [];
        foreach ($point->elements() as $element) {
            $currentA = $point->currentA($element->name());
            $sums[$element->from()] = ($sums[$element->from()] ?? 0.0) + $currentA;
            $sums[$element->to()] = ($sums[$element->to()] ?? 0.0) - $currentA;
        }
        unset($sums[Rail::EARTH]);
        foreach ($sums as $node => $sumA) {
            // What is left is the leakage of the node itself.
            $leakA = NodalAnalysis::LEAKAGE_S * $point->voltages->at((string) $node);
            self::assertEqualsWithDelta(-$leakA, $sumA, 1e-7, (string) $node);
        }
    }

    private function assertEnergyBalances(OperatingPoint $point): void
    {
        $givenW = 0.0;
        $takenW = NodalAnalysis::LEAKAGE_S * array_sum(array_map(static fn (float $volts): float => $volts ** 2, $point->voltages->byNode));
        foreach ($point->elements() as $element) {
            $volts = $point->voltages->across($element->from(), $element->to());
            $watts = $volts * $point->currentA($element->name());
            if ($element instanceof VoltageSource || $element instanceof CurrentSource) {
                $givenW -= $watts;
            } else {
                $takenW += $watts;
            }
        }
        self::assertEqualsWithDelta($takenW, $givenW, 1e-8 + 1e-6 * $takenW);
    }

    /** @param  \Closure(OperatingPoint): void  $holds */
    private function everyPoint(\Closure $holds): void
    {
        $this->limitTo(25)->forAll(
            Generators::choose(3, 40),
            Generators::choose(2, 80),
            Generators::elements('earth', 'supply'),
            Generators::elements('top-hose', 'engine-outlet'),
            Generators::elements(Key::Off, Key::Run, Key::Crank),
            Generators::elements(0.0, 850.0, 3000.0),
            Generators::elements(20.0, 110.0),
            Generators::elements('off', 'on'),
        )->then(function (
            int $runA,
            int $decimetres,
            string $side,
            string $place,
            Key $key,
            float $rpm,
            float $coolantC,
            string $override,
        ) use ($holds): void {
            $circuit = Orchard::sizing([
                '/fans/0/runA' => $runA,
                '/fans/0/startA' => null,
                '/runs/relay-to-fan/lengthM' => $decimetres / 10,
                '/control/stages/0/side' => $side,
                '/control/stages/0/decider/place' => $place,
            ])->circuit;
            $holds((new Solver($circuit))->settle(new OperatingConditions($key, $rpm, $coolantC, ['override' => $override])));
        });
    }
}
