<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Diode;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Settling;

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
    private const SUPPLY = ['battery', 'alternator', 'base-load'];

    private readonly NodalAnalysis $analysis;

    private readonly Assembly $assembly;

    /** @var array<string, Solution> by what the circuit is made of */
    private array $solutions = [];

    /** @var array<string, Settling> */
    private readonly array $settling;

    /** @var array<string, Settling> that come to rest first */
    private readonly array $electrical;

    /** @var array<string, Settling> */
    private readonly array $mechanical;

    public function __construct(private readonly Circuit $circuit)
    {
        $edges = [];
        $settling = [];
        foreach ($circuit->components as $id => $component) {
            foreach ($component->passes() as $pass) {
                $edges[] = [$pass->from, $pass->to];
            }
            if ($component instanceof Settling) {
                $settling[$id] = $component;
            }
        }
        foreach ($circuit->wires as $wire) {
            $edges[] = [$wire->from, $wire->to];
        }
        $this->assembly = new Assembly($circuit);
        $edges[] = [Circuit::SUPPLY, Circuit::EARTH];
        $this->settling = $settling;
        $this->mechanical = array_filter($settling, static fn (Settling $component): bool => $component->isMechanical());
        $this->electrical = array_diff_key($settling, $this->mechanical);
        $this->analysis = new NodalAnalysis(Circuit::EARTH, $edges, self::bent($circuit));
    }

    /** @return list<string> terminals of motors and diodes */
    private static function bent(Circuit $circuit): array
    {
        $terminals = [];
        foreach ($circuit->components as $component) {
            if ($component instanceof FanMotor || $component instanceof Diode || ($component instanceof Relay && $component->hasDiode())) {
                foreach ($component->passes() as $pass) {
                    array_push($terminals, $pass->from, $pass->to);
                }
            }
        }

        return $terminals;
    }

    public function settle(Setting $setting): OperatingPoint
    {
        $positions = [];
        foreach ($this->settling as $id => $component) {
            $positions[$id] = $component->start($setting);
        }

        return $this->settleFrom($setting, $positions, new Volts([]));
    }

    /**
     * What comes of a setting's faults when they happen in a settled state: everything moves from where it is.
     *
     * @param  OperatingPoint  $sound  the same setting without them
     */
    public function breakIn(OperatingPoint $sound, Setting $setting): OperatingPoint
    {
        $positions = $sound->positions;
        foreach ($this->settling as $id => $component) {
            // What follows the coolant alone never asks the circuit, so it is asked here.
            if ($setting->faults->driftK($id) !== 0.0) {
                $positions[$id] = $component->start($setting);
            }
        }

        return $this->settleFrom($setting, $positions, $sound->volts);
    }

    /**
     * @param  array<string, int>  $positions
     * @param  Volts  $volts  to begin from
     */
    private function settleFrom(Setting $setting, array $positions, Volts $volts): OperatingPoint
    {
        [$electrical, $mechanical] = [$this->electrical, $this->mechanical];
        foreach ($setting->faults->parts() as $id) {
            $stuck = isset($this->settling[$id]) ? $setting->faults->position($id, $this->settling[$id]) : null;
            if ($stuck !== null) {
                $positions[$id] = $stuck;
                unset($electrical[$id], $mechanical[$id]);
            }
        }
        $seen = [];
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $standing = $this->assembly->standing($setting, $positions);
            $solution = $this->solved($standing, $volts->byNode);
            $volts = $solution->volts;
            $next = self::moved($positions, $electrical, $setting, $volts);
            if ($next === $positions) {
                $next = self::moved($positions, $mechanical, $setting, $volts);
                if ($next === $positions) {
                    return $this->point($setting, $positions, $standing, $solution, []);
                }
                $state = implode(',', $next);
                if (isset($seen[$state])) {
                    return $this->point($setting, $positions, $standing, $solution, array_keys(array_diff_assoc($next, $positions)));
                }
                $seen[$state] = true;
            }
            $this->keepIfUnfelt($positions, $next, $setting, $solution);
            $positions = $next;
        }

        return $this->point($setting, $positions, $standing, $solution, array_keys(array_diff_assoc($next, $positions)));
    }

    /**
     * Solves the circuit with everything held where it is, each motor being its armature behind a given back-EMF, and the
     * supply being what it was the moment before.
     *
     * @param  array<string, int>  $positions
     * @param  array<string, float>  $emfV  by fan, V
     */
    public function held(Setting $setting, array $positions, array $emfV): OperatingPoint
    {
        $elements = [];
        foreach ($this->assembly->standing($setting, $positions)->elements as $element) {
            $ofFan = $emfV[$element->name()] ?? null;
            if ($ofFan !== null && $element instanceof Element\Resistor) {
                $elements[] = new Element\Source($element->name(), $element->from(), $element->to(), $ofFan, $element->ohm);
            } elseif (! in_array($element->name(), self::SUPPLY, true)) {
                $elements[] = $element;
            }
        }
        foreach ($this->circuit->each(Battery::class) as $battery) {
            $elements[] = $battery->atOnce(($positions['alternator'] ?? Alternator::STANDING) !== Alternator::STANDING);
        }

        return $this->point($setting, $positions, new Standing('', $elements), Solution::of($this->analysis, $elements), []);
    }

    /**
     * Resistance of the loop a load is fed through, Ω: what limits the current when the load is shorted, contacts staying where
     * they are and the battery at rest.
     */
    public function loopOhm(OperatingPoint $point, string $from, string $to): float
    {
        $elements = [];
        foreach ($point->elements as $element) {
            $isLoad = $element->from() === $from && $element->to() === $to;
            if (! $isLoad && $element->isLinear() && ! in_array($element->name(), self::SUPPLY, true)) {
                $elements[] = $element;
            }
        }
        foreach ($this->circuit->each(Battery::class) as $battery) {
            $elements[] = $battery->atOnce(false);
        }
        $volts = new Volts($this->analysis->solve($elements));
        $elements[] = new Element\Injection('probe', $to, $from, 1.0);
        $probed = new Volts($this->analysis->solve($elements));

        return $volts->across($from, $to) - $probed->across($from, $to);
    }

    /**
     * @param  array<string, int>  $positions
     * @param  array<string, Settling>  $components  that may move
     * @return array<string, int>
     */
    private static function moved(array $positions, array $components, Setting $setting, Volts $volts): array
    {
        foreach ($components as $id => $component) {
            $positions[$id] = $component->next($positions[$id], $setting, $volts);
        }

        return $positions;
    }

    /**
     * Where nothing that moves is felt, the solution that stands is the next one too.
     *
     * @param  array<string, int>  $before
     * @param  array<string, int>  $next
     */
    private function keepIfUnfelt(array $before, array $next, Setting $setting, Solution $solution): void
    {
        foreach ($next as $id => $position) {
            if ($position !== $before[$id] && ! $this->assembly->movesUnfelt($id, $before[$id], $position, $setting, $solution->volts)) {
                return;
            }
        }
        $this->solutions[$this->assembly->standing($setting, $next)->key] ??= $solution;
    }

    /** @param  array<string, float>  $near */
    private function solved(Standing $standing, array $near): Solution
    {
        if (count($this->solutions) > self::MOST_KEPT) {
            $this->solutions = [];
        }

        return $this->solutions[$standing->key] ??= Solution::of($this->analysis, $standing->elements, $near);
    }

    /**
     * @param  array<string, int>  $positions
     * @param  list<string>  $chattering
     */
    private function point(Setting $setting, array $positions, Standing $standing, Solution $solution, array $chattering): OperatingPoint
    {
        return new OperatingPoint(
            $this->circuit, $setting, $positions, $solution->volts, $solution->currentsA, $chattering, $standing->elements, $standing->key,
        );
    }
}
