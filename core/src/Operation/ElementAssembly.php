<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Breakable;
use LampThread\Circuit\Component\Faults;
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

    /** @var list<Element> */
    private readonly array $wires;

    /** @var array<string, list<Element>> */
    private readonly array $wiresById;

    private string $inputs = '';

    /** @var array<string, array<int, array{int, list<Element>}>> component to position to number and elements, under the present conditions */
    private array $made = [];

    /** @var array<string, array<string, int>> component to what its elements are like to their number */
    private array $numbers = [];

    public function __construct(private readonly Circuit $circuit)
    {
        $wires = [];
        foreach ($circuit->wires as $wire) {
            $wires[$wire->id] = [$wire->element()];
        }
        $this->wiresById = $wires;
        $this->wires = array_merge(...array_values($wires));
    }

    /** @param  array<string, int>  $positions */
    public function elementSet(OperatingConditions $conditions, array $positions): ElementSet
    {
        $this->prepare($conditions);
        $faults = $conditions->faults;
        $key = $faults->key;
        $byPart = $faults->isNone() ? $this->wiresById : $this->wiresWith($faults);
        $elements = $faults->isNone() ? $this->wires : array_merge(...array_values($byPart));
        foreach ($this->circuit->components as $id => $component) {
            $position = $positions[$id] ?? 0;
            [$number, $made] = $this->made[$id][$position] ??= $this->numbered($id, $component->elements($conditions, $position));
            $key .= ",{$number}";
            $kind = $faults->kind($id);
            $byPart[$id] = $kind !== null && $component->canFail($kind, $conditions) ? $component->broken($kind, $made) : $made;
            if (! $faults->isNone()) {
                $byPart[$id] = self::worn($component, $byPart[$id], $faults->jointOhm($id), $faults->draws($id));
            }
            foreach ($byPart[$id] as $element) {
                $elements[] = $element;
            }
        }

        return new ElementSet($key, $elements, $byPart);
    }

    /**
     * Whether a part that moves leaves every voltage as it is: what it takes away is dead at both ends, and what it puts in or in
     * another's place has nothing across it (substitution theorem).
     *
     * @param  NodeVoltages  $voltages  before it moves
     */
    public function movesWithoutEffect(string $id, int $from, int $to, OperatingConditions $conditions, NodeVoltages $voltages): bool
    {
        $this->prepare($conditions);
        $component = $this->circuit->components[$id];
        $made = $this->made[$id][$to] ??= $this->numbered($id, $component->elements($conditions, $to));
        $gone = [];
        foreach ($this->made[$id][$from][1] ?? [] as $element) {
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

    private function prepare(OperatingConditions $conditions): void
    {
        if ($conditions->inputs !== $this->inputs) {
            $this->inputs = $conditions->inputs;
            $this->made = [];
        }
    }

    /** @return array<string, list<Element>> by wire, the broken ones last */
    private function wiresWith(Faults $faults): array
    {
        $wires = $this->wiresById;
        foreach ($faults->parts() as $id) {
            $kind = $faults->kind($id);
            $wire = isset($wires[$id]) ? $this->circuit->part($id) : null;
            if ($wire !== null) {
                $sound = $wires[$id];
                unset($wires[$id]);
                $wires[$id] = self::worn($wire, $kind === null ? $sound : $wire->broken($kind, $sound), $faults->jointOhm($id), 1.0);
            }
            $exchanged = $kind === null ? null : $this->circuit->part($id)?->exchanged($kind);
            if ($exchanged !== null) {
                $wires = self::exchanged($wires, ...$exchanged);
            }
        }

        return $wires;
    }

    /**
     * @param  list<Element>  $elements
     * @return list<Element> with joints that have so much more, Ω, taking so many times the current
     */
    private static function worn(Breakable $part, array $elements, float $jointOhm, float $draws): array
    {
        return $jointOhm === 0.0 && $draws === 1.0 ? $elements : array_map(static function (Element $element) use ($part, $jointOhm, $draws): Element {
            $drawn = $draws === 1.0 ? $element : $element->times($draws);

            return $jointOhm !== 0.0 && $part->isInJoint($element->name()) ? $drawn->inSeriesWith($jointOhm) : $drawn;
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
        $this->numbers[$id][$like] ??= count($this->numbers[$id] ?? []);

        return [$this->numbers[$id][$like], $elements];
    }
}
