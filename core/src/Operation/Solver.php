<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\StatefulComponent;
use LampThread\Circuit\Component\VehicleLoads;
use LampThread\Network\Element\CurrentSource;
use LampThread\Network\Element\VoltageSource;
use LampThread\Network\NodalAnalysis;
use LampThread\Network\NodeVoltages;
use LampThread\Network\Solution;

/**
 * Finds the settled state of a circuit: solves it, lets whatever moves move, and solves again until nothing moves. Electrical
 * things (charging, a motor that starts to turn) come to rest before an armature moves. Relays that come back to where they
 * have been would do so for ever: that is chattering, and is reported.
 */
final class Solver
{
    /** No electrical chain in a vehicle is longer; past it the state is reported as unsettled. */
    private const MOST_ROUNDS = 200;

    /** Solutions kept, for circuits that stand as they did before. */
    private const MOST_KEPT = 200;

    /** What stands behind the battery's terminals besides the circuit. */
    private const SUPPLY = [Battery::ID, Alternator::ID, VehicleLoads::BASE_LOAD];

    private readonly NodalAnalysis $analysis;

    private readonly ElementAssembly $assembly;

    /** @var array<string, Solution> by what the circuit is made of */
    private array $solutions = [];

    /** @var array<string, StatefulComponent> */
    private readonly array $stateful;

    /** @var array<string, StatefulComponent> that come to rest first */
    private readonly array $electrical;

    /** @var array<string, StatefulComponent> */
    private readonly array $mechanical;

    public function __construct(private readonly Circuit $circuit)
    {
        $edges = [];
        $stateful = [];
        foreach ($circuit->components as $component) {
            foreach ($component->paths() as $path) {
                $edges[] = [$path->from, $path->to];
            }
        }
        foreach ($circuit->each(StatefulComponent::class) as $component) {
            $stateful[$component->id] = $component;
        }
        foreach ($circuit->wires as $wire) {
            $edges[] = [$wire->from, $wire->to];
        }
        $this->assembly = new ElementAssembly($circuit);
        $edges[] = [Rail::SUPPLY, Rail::EARTH];
        $this->stateful = $stateful;
        $this->mechanical = array_filter($stateful, static fn (StatefulComponent $component): bool => $component->isMechanical());
        $this->electrical = array_diff_key($stateful, $this->mechanical);
        $this->analysis = new NodalAnalysis(Rail::EARTH, $edges, array_merge(...array_values(array_map(
            static fn (Component $component): array => $component->nonlinearTerminals(), $circuit->components,
        ))));
    }

    public function settle(OperatingConditions $conditions): OperatingPoint
    {
        $positions = [];
        foreach ($this->stateful as $id => $component) {
            $positions[$id] = $component->initialPosition($conditions);
        }

        return $this->settleFrom($conditions, $positions, new NodeVoltages([]));
    }

    /**
     * What comes of a setting's faults when they happen in a settled state: everything moves from where it is.
     *
     * @param  OperatingPoint  $sound  the same setting without them
     */
    public function breakIn(OperatingPoint $sound, OperatingConditions $conditions): OperatingPoint
    {
        $positions = $sound->positions;
        foreach ($this->stateful as $id => $component) {
            // What follows the coolant alone never asks the circuit, so it is asked here.
            if ($conditions->faults->driftK($id) !== 0.0) {
                $positions[$id] = $component->initialPosition($conditions);
            }
        }

        return $this->settleFrom($conditions, $positions, $sound->voltages);
    }

    /**
     * @param  array<string, int>  $positions
     * @param  NodeVoltages  $voltages  to begin from
     */
    private function settleFrom(OperatingConditions $conditions, array $positions, NodeVoltages $voltages): OperatingPoint
    {
        [$electrical, $mechanical] = [$this->electrical, $this->mechanical];
        foreach ($conditions->faults->parts() as $id) {
            $stuck = isset($this->stateful[$id]) ? $conditions->faults->position($id, $this->stateful[$id]) : null;
            if ($stuck !== null) {
                $positions[$id] = $stuck;
                unset($electrical[$id], $mechanical[$id]);
            }
        }
        $seen = [];
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $set = $this->assembly->elementSet($conditions, $positions);
            $solution = $this->solved($set, $voltages->byNode);
            $voltages = $solution->voltages;
            $next = self::moved($positions, $electrical, $conditions, $voltages);
            if ($next === $positions) {
                $next = self::moved($positions, $mechanical, $conditions, $voltages);
                if ($next === $positions) {
                    return $this->point($conditions, $positions, $set, $solution, []);
                }
                $state = implode(',', $next);
                if (isset($seen[$state])) {
                    return $this->point($conditions, $positions, $set, $solution, array_keys(array_diff_assoc($next, $positions)));
                }
                $seen[$state] = true;
            }
            $this->keepIfWithoutEffect($positions, $next, $conditions, $solution);
            $positions = $next;
        }

        return $this->point($conditions, $positions, $set, $solution, array_keys(array_diff_assoc($next, $positions)));
    }

    /**
     * Solves the circuit with everything held where it is, each motor being its armature behind a given back-EMF, and the
     * supply being what it was the moment before.
     *
     * @param  array<string, int>  $positions
     * @param  array<string, float>  $emfV  by fan, V
     */
    public function held(OperatingConditions $conditions, array $positions, array $emfV): OperatingPoint
    {
        $elements = [];
        foreach ($this->assembly->elementSet($conditions, $positions)->elements as $element) {
            $ofFan = $emfV[$element->name()] ?? null;
            $ohm = $ofFan === null ? null : $element->resistanceOhm();
            if ($ofFan !== null && $ohm !== null) {
                $elements[] = new VoltageSource($element->name(), $element->from(), $element->to(), $ofFan, $ohm);
            } elseif (! in_array($element->name(), self::SUPPLY, true)) {
                $elements[] = $element;
            }
        }
        foreach ($this->circuit->each(Battery::class) as $battery) {
            $elements[] = $battery->atOnce(($positions[Alternator::ID] ?? Alternator::STANDING) !== Alternator::STANDING);
        }

        return $this->point($conditions, $positions, new ElementSet('', $elements, []), Solution::of($this->analysis, $elements), []);
    }

    /**
     * Resistance of the loop a load is fed through, Ω: what limits the current when the load is shorted, contacts staying where
     * they are and the battery at rest.
     */
    public function loopOhm(OperatingPoint $point, string $from, string $to): float
    {
        $elements = [];
        foreach ($point->elements() as $element) {
            $isLoad = $element->from() === $from && $element->to() === $to;
            if (! $isLoad && $element->isLinear() && ! in_array($element->name(), self::SUPPLY, true)) {
                $elements[] = $element;
            }
        }
        foreach ($this->circuit->each(Battery::class) as $battery) {
            $elements[] = $battery->atOnce(false);
        }
        $voltages = new NodeVoltages($this->analysis->solve($elements));
        $elements[] = new CurrentSource('probe', $to, $from, 1.0);
        $probed = new NodeVoltages($this->analysis->solve($elements));

        return $voltages->across($from, $to) - $probed->across($from, $to);
    }

    /**
     * @param  array<string, int>  $positions
     * @param  array<string, StatefulComponent>  $components  that may move
     * @return array<string, int>
     */
    private static function moved(array $positions, array $components, OperatingConditions $conditions, NodeVoltages $voltages): array
    {
        foreach ($components as $id => $component) {
            $positions[$id] = $component->nextPosition($positions[$id], $conditions, $voltages);
        }

        return $positions;
    }

    /**
     * Where nothing that moves is felt, the solution that stands is the next one too.
     *
     * @param  array<string, int>  $before
     * @param  array<string, int>  $next
     */
    private function keepIfWithoutEffect(array $before, array $next, OperatingConditions $conditions, Solution $solution): void
    {
        foreach ($next as $id => $position) {
            if ($position !== $before[$id] && ! $this->assembly->movesWithoutEffect($id, $before[$id], $position, $conditions, $solution->voltages)) {
                return;
            }
        }
        $this->solutions[$this->assembly->elementSet($conditions, $next)->key] ??= $solution;
    }

    /** @param  array<string, float>  $near */
    private function solved(ElementSet $set, array $near): Solution
    {
        if (count($this->solutions) > self::MOST_KEPT) {
            $this->solutions = [];
        }

        return $this->solutions[$set->key] ??= Solution::of($this->analysis, $set->elements, $near);
    }

    /**
     * @param  array<string, int>  $positions
     * @param  list<string>  $chattering
     */
    private function point(OperatingConditions $conditions, array $positions, ElementSet $set, Solution $solution, array $chattering): OperatingPoint
    {
        return new OperatingPoint(
            $this->circuit, $conditions, $positions, $solution->voltages, $solution->currentsA, $chattering, $set,
        );
    }
}
