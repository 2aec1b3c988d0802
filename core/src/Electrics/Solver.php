<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Alternator;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Diode;
use LampThread\Circuit\Component\FanMotor;
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

    /** What stands behind the battery's terminals besides the circuit. */
    private const SUPPLY = ['battery', 'alternator', 'base-load'];

    private readonly NodalAnalysis $analysis;

    /** @var list<Element\Element> */
    private readonly array $wires;

    /** @var array<string, Settling> */
    private readonly array $settling;

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
        $wires = [];
        foreach ($circuit->wires as $wire) {
            $edges[] = [$wire->from, $wire->to];
            $wires[] = $wire->element();
        }
        $this->wires = $wires;
        $edges[] = [Circuit::SUPPLY, Circuit::EARTH];
        $this->settling = $settling;
        $this->analysis = new NodalAnalysis(Circuit::EARTH, $edges, self::bent($circuit));
    }

    /** @return list<string> terminals of motors and diodes */
    private static function bent(Circuit $circuit): array
    {
        $terminals = [];
        foreach ($circuit->components as $component) {
            if ($component instanceof FanMotor || $component instanceof Diode) {
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
            $positions[$id] = $setting->faults->position($id) ?? $component->start($setting);
        }
        $seen = [];
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $elements = $this->elements($setting, $positions);
            $volts = new Volts($this->analysis->solve($elements));
            $next = $this->moved($positions, $setting, $volts, mechanical: false);
            if ($next === $positions) {
                $next = $this->moved($positions, $setting, $volts, mechanical: true);
                if ($next === $positions) {
                    return $this->point($setting, $positions, $volts, $elements, []);
                }
                $state = implode(',', $next);
                if (isset($seen[$state])) {
                    return $this->point($setting, $positions, $volts, $elements, array_keys(array_diff_assoc($next, $positions)));
                }
                $seen[$state] = true;
            }
            $positions = $next;
        }

        return $this->point($setting, $positions, $volts, $elements, array_keys(array_diff_assoc($next, $positions)));
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
        foreach ($this->elements($setting, $positions) as $element) {
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

        return $this->point($setting, $positions, new Volts($this->analysis->solve($elements)), $elements, []);
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
     * @return array<string, int>
     */
    private function moved(array $positions, Setting $setting, Volts $volts, bool $mechanical): array
    {
        foreach ($this->settling as $id => $component) {
            if ($component->isMechanical() === $mechanical) {
                $positions[$id] = $setting->faults->position($id) ?? $component->next($positions[$id], $setting, $volts);
            }
        }

        return $positions;
    }

    /**
     * @param  array<string, int>  $positions
     * @return list<Element\Element>
     */
    private function elements(Setting $setting, array $positions): array
    {
        $elements = $this->wires;
        foreach ($this->circuit->components as $id => $component) {
            array_push($elements, ...$component->elements($setting, $positions[$id] ?? 0));
        }

        return $setting->faults->isNone() ? $elements : $setting->faults->in($elements, $this->circuit);
    }

    /**
     * @param  array<string, int>  $positions
     * @param  list<Element\Element>  $elements
     * @param  list<string>  $chattering
     */
    private function point(Setting $setting, array $positions, Volts $volts, array $elements, array $chattering): OperatingPoint
    {
        $currents = [];
        foreach ($elements as $element) {
            $currents[$element->name()] = $element->currentA($volts->across($element->from(), $element->to()));
        }

        return new OperatingPoint($this->circuit, $setting, $positions, $volts, $currents, $chattering, $elements);
    }
}
