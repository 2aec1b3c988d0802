<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Breakable;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Network\Element\Element;
use LampThread\Network\NodeVoltages;

/**
 * Puts together what a circuit is made of under given conditions. A component is asked once for each position under the same conditions,
 * and what it gives is known by a number afterwards, so that states in which the circuit is made of the same elements are told by their
 * numbers alone.
 *
 * @internal
 */
final class ElementAssembly
{
    /** What leaks everywhere leaves less than this, V. */
    private const NOTHING_V = 1e-5;

    /** Conditions of which is kept what they make of the circuit. */
    private const MOST_CONDITIONS = 400;

    /** @var array<string, list<Element>> */
    private readonly array $wires;

    /** @var array<string, array<string, array<int, array{int, list<Element>}>>> conditions to component to position to number and elements */
    private array $made = [];

    /** @var array<string, array<string, array{int, list<Element>}>> component to what its elements are like to their number, and to the elements */
    private array $numbers = [];

    /** @var array<string, array<string, ElementSet>> conditions to positions to the circuit with nothing broken */
    private array $sound = [];

    public function __construct(private readonly Circuit $circuit)
    {
        $wires = [];
        foreach ($circuit->wires as $wire) {
            $wires[$wire->id] = [$wire->element()];
        }
        $this->wires = $wires;
    }

    /** @param  array<string, int>  $positions */
    public function elementSet(OperatingConditions $conditions, array $positions): ElementSet
    {
        if (count($this->sound) > self::MOST_CONDITIONS) {
            $this->sound = [];
            $this->made = [];
        }
        $felt = self::felt($conditions);
        $sound = $this->sound[$felt][implode(',', $positions)] ??= $this->sound($felt, $conditions, $positions);
        $faults = $conditions->faults;
        if ($faults->isNone()) {
            return $sound;
        }
        $byPart = $sound->byPart;
        foreach ($faults->parts() as $id) {
            $part = isset($byPart[$id]) ? $this->circuit->part($id) : null;
            if ($part === null) {
                continue;
            }
            $fault = $faults->fault($id);
            $broken = $fault !== null && $fault->canHappen($conditions) ? $fault->elements($byPart[$id]) : $byPart[$id];
            $byPart[$id] = self::worn($part, $broken, $faults->jointOhm($id), $faults->draws($id));
            $exchanged = $fault?->exchanged();
            if ($exchanged !== null) {
                $byPart = [...$byPart, ...self::exchanged(array_intersect_key($byPart, $this->wires), ...$exchanged)];
            }
        }

        return new ElementSet($faults->key.$sound->key, array_merge(...array_values($byPart)), $byPart);
    }

    /** @param  array<string, int>  $positions */
    private function sound(string $felt, OperatingConditions $conditions, array $positions): ElementSet
    {
        $key = '';
        $byPart = $this->wires;
        foreach (array_keys($this->circuit->components) as $id) {
            [$number, $byPart[$id]] = $this->made($felt, $id, $positions[$id] ?? 0, $conditions);
            $key .= ",{$number}";
        }

        return new ElementSet($key, array_merge(...array_values($byPart)), $byPart);
    }

    /**
     * Whether a part that moves leaves every voltage as it is: what it takes away is dead at both ends, and what it puts in or in
     * another's place has nothing across it (substitution theorem).
     *
     * @param  NodeVoltages  $voltages  before it moves
     */
    public function movesWithoutEffect(string $id, int $from, int $to, OperatingConditions $conditions, NodeVoltages $voltages): bool
    {
        $felt = self::felt($conditions);
        $made = $this->made($felt, $id, $to, $conditions);
        $gone = [];
        foreach ($this->made($felt, $id, $from, $conditions)[1] as $element) {
            $gone[$element->name()] = $element;
        }
        foreach ($made[1] as $element) {
            $before = $gone[$element->name()] ?? null;
            unset($gone[$element->name()]);
            $isSame = $before !== null && $before->isLinear() && $element->isLinear() && $before->companion(0.0) === $element->companion(0.0)
                && $before->from() === $element->from() && $before->to() === $element->to();
            if (! $isSame && abs($voltages->across($element->from(), $element->to())) > self::NOTHING_V) {
                return false;
            }
        }
        foreach ($gone as $element) {
            if (max(abs($voltages->at($element->from())), abs($voltages->at($element->to()))) > self::NOTHING_V) {
                return false;
            }
        }

        return true;
    }

    /** @return array{int, list<Element>} number and elements */
    private function made(string $felt, string $id, int $position, OperatingConditions $conditions): array
    {
        return $this->made[$felt][$id][$position] ??= $this->numbered($id, $this->circuit->components[$id]->elements($conditions, $position));
    }

    /** What a sensor reads goes into what it is made of. */
    private static function felt(OperatingConditions $conditions): string
    {
        return $conditions->inputs.$conditions->faults->driftKey;
    }

    /**
     * @param  list<Element>  $elements
     * @return list<Element> with joints that have so much more, Ω, taking so many times the current
     */
    private static function worn(Breakable $part, array $elements, float $jointOhm, float $draws): array
    {
        return $jointOhm === 0.0 && $draws === 1.0 ? $elements : array_map(static function (Element $element) use ($part, $jointOhm, $draws): Element {
            $drawn = $draws === 1.0 ? $element : $element->times($draws);

            return $jointOhm !== 0.0 && in_array($element->name(), $part->jointElements(), true) ? $drawn->inSeriesWith($jointOhm) : $drawn;
        }, $elements);
    }

    /**
     * @param  array<string, list<Element>>  $wires
     * @return array<string, list<Element>> those of two terminals exchanged
     */
    private static function exchanged(array $wires, string $one, string $other): array
    {
        $moved = [$one => $other, $other => $one];

        return array_map(static fn (array $elements): array => array_map(
            static fn (Element $element): Element => isset($moved[$element->from()]) || isset($moved[$element->to()])
                ? $element->between($moved[$element->from()] ?? $element->from(), $moved[$element->to()] ?? $element->to())
                : $element,
            $elements,
        ), $wires);
    }

    /**
     * @param  list<Element>  $elements
     * @return array{int, list<Element>}
     */
    private function numbered(string $id, array $elements): array
    {
        $like = '';
        foreach ($elements as $element) {
            $like .= "{$element->name()} {$element->from()} {$element->to()}=";
            $like .= $element->isLinear() ? implode('/', $element->companion(0.0)) : 'nonlinear';
            $like .= ';';
        }

        return $this->numbers[$id][$like] ??= [count($this->numbers[$id] ?? []), $elements];
    }
}
