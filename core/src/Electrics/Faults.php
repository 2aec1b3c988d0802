<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Brief\Problem;
use LampThread\Brief\Unusable;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Settling;
use LampThread\Electrics\Element\Element;
use LampThread\Electrics\Element\Resistor;

/** What is broken: component or wire to how. Changes what the circuit is made of, never how it is solved. */
final readonly class Faults
{
    /** What a green crimp or a loose stud adds, Ω (common practice, no source). */
    public const HIGH_OHM = 1.0;

    /** A rubbed-through wire on the body, and a shorted part, Ω (common practice, no source). */
    private const DEAD_SHORT_OHM = 0.01;

    /** How much less a drifted sensor feels, K (common practice, no source). */
    public const DRIFT_K = 10.0;

    /** All that is broken, as one word. */
    public string $key;

    /** @param  array<string, FaultKind>  $byId */
    public function __construct(private array $byId = [])
    {
        $key = '';
        foreach ($byId as $id => $kind) {
            $key .= "{$id}={$kind->value}&";
        }
        $this->key = $key;
    }

    /**
     * @param  array<string, mixed>  $values  id to kind
     *
     * @throws Unusable naming each part or kind there is not
     */
    public static function read(array $values, Circuit $circuit): self
    {
        $problems = [];
        $faults = [];
        $possible = self::possible($circuit);
        foreach ($values as $id => $value) {
            $kind = is_string($value) ? FaultKind::tryFrom($value) : null;
            if (! isset($possible[$id])) {
                $problems[] = new Problem((string) $id, 'is no part or wire of this circuit.');
            } elseif ($kind === null || ! in_array($kind, $possible[$id], true)) {
                $kinds = implode(', ', array_map(static fn (FaultKind $one): string => $one->value, $possible[$id]));
                $problems[] = new Problem((string) $id, "can be broken like this: {$kinds}.");
            } else {
                $faults[$id] = $kind;
            }
        }

        return $problems === [] ? new self($faults) : throw new Unusable($problems);
    }

    /** @return array<string, non-empty-list<FaultKind>> component or wire to how it can be broken */
    public static function possible(Circuit $circuit): array
    {
        $possible = [];
        foreach ($circuit->components as $id => $component) {
            if ($component->passes() !== []) {
                $possible[$id] = FaultKind::of($component);
            }
        }
        foreach ($circuit->wires as $wire) {
            $possible[$wire->id] = FaultKind::ofWire();
        }

        return $possible;
    }

    public function isNone(): bool
    {
        return $this->byId === [];
    }

    /** Where a stuck component stays, and one that nothing gets through; null for one that moves freely. */
    public function position(string $id, Settling $component): ?int
    {
        return match ($this->byId[$id] ?? null) {
            FaultKind::Open, FaultKind::StuckOff, FaultKind::Jammed => 0,
            FaultKind::StuckOn => $component->worked(),
            default => null,
        };
    }

    /** How much less a component feels than there is, K. */
    public function driftK(string $id): float
    {
        return ($this->byId[$id] ?? null) === FaultKind::Drifted ? self::DRIFT_K : 0.0;
    }

    /** With one more broken. */
    public function and(string $id, FaultKind $kind): self
    {
        return new self([...$this->byId, $id => $kind]);
    }

    /** @return list<string> */
    public function parts(): array
    {
        return array_keys($this->byId);
    }

    /**
     * What a broken part or wire is made of.
     *
     * @param  list<Element>  $sound  what it is made of when it is whole
     * @return list<Element>
     */
    public function in(string $id, array $sound, Circuit $circuit): array
    {
        return match ($this->byId[$id] ?? null) {
            FaultKind::Open => [],
            FaultKind::HighResistance => array_map(static fn (Element $element): Element => $element->name() === $id && $element instanceof Resistor
                ? new Resistor($id, $element->from(), $element->to(), $element->ohm + self::HIGH_OHM)
                : $element, $sound),
            FaultKind::Chafed => [...$sound, new Resistor("{$id}-chafed", $sound[0]->to(), Circuit::EARTH, self::DEAD_SHORT_OHM)],
            FaultKind::Short => [...$sound, ...self::shorted($circuit, $id)],
            default => $sound,
        };
    }

    /** @return list<Resistor> */
    private static function shorted(Circuit $circuit, string $id): array
    {
        $shorts = [];
        foreach ($circuit->components[$id]->passes() as $at => $pass) {
            $shorts[] = new Resistor("{$id}-short-{$at}", $pass->from, $pass->to, self::DEAD_SHORT_OHM);
        }

        return $shorts;
    }
}
