<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Circuit\Circuit;
use LampThread\Electrics\Element\Element;

/**
 * Puts together what a circuit is made of in a setting. A component is asked once for each position of a setting, and what it gives
 * is known by a number afterwards, so that settings in which the circuit stands in the same way are told by their numbers alone.
 *
 * @internal
 */
final class Assembly
{
    /** @var list<Element> */
    private readonly array $wires;

    /** @var array<string, Element> */
    private readonly array $wireById;

    /** What leaks everywhere leaves less than this, V. */
    private const NOTHING_V = 1e-5;

    private string $setting = '';

    /** @var array<string, array<int, array{int, list<Element>}>> component to position to number and elements, in the present setting */
    private array $made = [];

    /** @var array<string, array<string, int>> component to what its elements are like to their number */
    private array $numbers = [];

    public function __construct(private readonly Circuit $circuit)
    {
        $wires = [];
        foreach ($circuit->wires as $wire) {
            $wires[$wire->id] = $wire->element();
        }
        $this->wireById = $wires;
        $this->wires = array_values($wires);
    }

    /** @param  array<string, int>  $positions */
    public function standing(Setting $setting, array $positions): Standing
    {
        if ($setting->inputs !== $this->setting) {
            $this->setting = $setting->inputs;
            $this->made = [];
        }
        $key = $setting->faults->key;
        $faults = $setting->faults;
        $elements = $faults->isNone() ? $this->wires : $this->brokenWires($faults);
        foreach ($this->circuit->components as $id => $component) {
            $position = $positions[$id] ?? 0;
            $made = $this->made[$id][$position] ??= $this->numbered($id, $component->elements($setting, $position));
            $key .= ",{$made[0]}";
            foreach ($faults->isNone() ? $made[1] : $faults->in($id, $made[1], $this->circuit) as $element) {
                $elements[] = $element;
            }
        }

        return new Standing($key, $elements);
    }

    /**
     * Whether a part that moves leaves every voltage as it is: what it takes away is dead at both ends, and what it puts in or in
     * another's place has nothing across it (substitution theorem).
     *
     * @param  Volts  $volts  before it moves
     */
    public function movesUnfelt(string $id, int $from, int $to, Setting $setting, Volts $volts): bool
    {
        $component = $this->circuit->components[$id];
        $made = $this->made[$id][$to] ??= $this->numbered($id, $component->elements($setting, $to));
        $gone = [];
        foreach ($this->made[$id][$from][1] ?? [] as $element) {
            $gone[$element->name()] = $element;
        }
        foreach ($made[1] as $element) {
            $before = $gone[$element->name()] ?? null;
            unset($gone[$element->name()]);
            $isSame = $before !== null && $before->isLinear() && $element->isLinear() && $before->companion(0.0) === $element->companion(0.0)
                && $before->from() === $element->from() && $before->to() === $element->to();
            if (! $isSame && abs($volts->across($element->from(), $element->to())) > self::NOTHING_V) {
                return false;
            }
        }
        foreach ($gone as $element) {
            if (max(abs($volts->at($element->from())), abs($volts->at($element->to()))) > self::NOTHING_V) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Element> */
    private function brokenWires(Faults $faults): array
    {
        $wires = $this->wireById;
        $added = [];
        foreach ($faults->parts() as $id) {
            if (isset($wires[$id])) {
                $broken = $faults->in($id, [$wires[$id]], $this->circuit);
                unset($wires[$id]);
                array_push($added, ...$broken);
            }
        }

        return [...array_values($wires), ...$added];
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
            $like .= $element->isLinear() ? implode('/', $element->companion(0.0)) : 'bent';
            $like .= ';';
        }
        $this->numbers[$id][$like] ??= count($this->numbers[$id] ?? []);

        return [$this->numbers[$id][$like], $elements];
    }
}
