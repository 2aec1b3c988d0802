<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Brief;
use LampThread\Brief\EarthReturn;
use LampThread\Brief\Fan;
use LampThread\Brief\RelayPlace;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\EarthPoint;
use LampThread\Circuit\Component\ServicePlug;
use LampThread\Circuit\Component\Splice;
use LampThread\Circuit\Component\Termination;
use LampThread\Message\Message;

/**
 * The loom while it is being put together. Control ideas add their components and wires to it and join the terminals that others
 * have made known.
 *
 * @internal
 */
final class Harness
{
    /** Fans' current one earth stud takes, A (common practice, no source). */
    private const STUD_A = 32.0;

    /** @var array<string, Component> */
    private array $components = [];

    /** @var list<Wire> */
    private array $wires = [];

    /** @var array<string, WireGroup> */
    private array $groups = [];

    /** @var array<string, int> */
    private array $marks = [];

    /** @var array<string, string> name to terminal */
    private array $shared = [];

    /** @var array<string, true> ids of the components that were there already */
    private array $staying = [];

    /** @var array<string, float> earth stud to the fans' current it takes, A */
    private array $earthedA = [];

    public function __construct(public readonly Brief $brief, public readonly Selection $selection) {}

    /**
     * @template T of Component
     *
     * @param  T  $component
     * @return T
     */
    public function add(Component $component): Component
    {
        if (isset($this->components[$component->id])) {
            throw new \LogicException("{$component->id} is in the circuit already, and would be replaced.");
        }
        $this->components[$component->id] = $component;

        return $component;
    }

    /** The component with this id that has been added already; null where none has. */
    public function component(string $id): ?Component
    {
        return $this->components[$id] ?? null;
    }

    /** The next free designation with this letter: K1, K2, … */
    public function mark(string $letter): string
    {
        $this->marks[$letter] = ($this->marks[$letter] ?? 0) + 1;

        return $letter.$this->marks[$letter];
    }

    /** Where a relay sits: one that was there, or comes in the place of one, sits where that was. */
    public function relayPlace(string $id): RelayPlace
    {
        return $this->selection->existing?->relayPlace($id) ?? $this->brief->control->relayPlace;
    }

    public function group(WireGroup $group): WireGroup
    {
        return $this->groups[$group->id] ??= $group;
    }

    public function hasGroup(string $id): bool
    {
        return isset($this->groups[$id]);
    }

    /** Id of what protects a group that has been added. */
    public function fuseOf(string $group): string
    {
        return $this->groups[$group]->protectedBy;
    }

    /** @param  string  $group  id of a group that has been added */
    public function wire(string $from, string $to, Stretch $stretch, Colour $colour, string $group): void
    {
        $id = 'W'.(count($this->wires) + 1);
        $told = $this->groups[$group] ?? null;
        $segment = $this->brief->segment($stretch, $told->lengthsOf ?? $group);
        $this->wires[] = new Wire(
            $id,
            $from,
            $to,
            $stretch,
            $segment,
            $colour,
            $group,
            $segment->given ?? $this->selection->conductor($group),
            $this->selection->conductorC[$id] ?? $segment->ambientC,
        );
    }

    /** Makes a terminal known under a name. */
    public function share(string $name, string $terminal): void
    {
        $this->shared[$name] = $terminal;
    }

    /** The terminal known under a name; null where there is none. */
    public function find(string $name): ?string
    {
        return $this->shared[$name] ?? null;
    }

    /** The terminal known under a name that the brief has called for. */
    public function shared(string $name): string
    {
        return $this->shared[$name] ?? throw new \LogicException("Nothing has shared a terminal as {$name} yet.");
    }

    /** The earth stud of a place; another one once it is full, or has the current of as many fans as one stud takes. */
    public function earth(string $place, float $currentA = 0.0): string
    {
        $id = "earth-{$place}";
        for ($next = 2; $this->isFull($id, $currentA); $next++) {
            $id = "earth-{$place}-{$next}";
        }
        $this->earthedA[$id] = ($this->earthedA[$id] ?? 0.0) + $currentA;
        $point = $this->components[$id] ?? $this->add(new EarthPoint(
            $id,
            $this->mark('X'),
            Message::of('component.earth-point', place: $place),
            $this->brief->control->earth->ohm($this->brief->supply),
            $place === 'engine' || $this->brief->control->earth === EarthReturn::Engine ? $this->brief->supply->starterOhm() : null,
        ));

        return $point->terminal('31');
    }

    /** The earth stud the fans of a stage return to. */
    public function fanEarth(Fan $fan): string
    {
        return $this->earth('bay', $fan->runA);
    }

    private function isFull(string $stud, float $currentA): bool
    {
        $earthedA = $this->earthedA[$stud] ?? 0.0;

        return count($this->ends()["{$stud}:31"] ?? []) >= Termination::Stud->mostEnds()
            || ($earthedA > 0.0 && $currentA > 0.0 && $earthedA + $currentA > self::STUD_A);
    }

    /** JSON pointer to what decides a stage, or runs it in parallel with that. */
    public function deciderPath(Stage $stage): string
    {
        foreach ($this->brief->control->stages as $at => $one) {
            foreach ($one->deciding() as $deciding) {
                if ($deciding->id === $stage->id) {
                    return "/control/stages/{$at}/".($stage->parallelNumber === null ? 'decider' : 'parallel/'.($stage->parallelNumber - 1));
                }
            }
        }

        throw new \OutOfBoundsException("No stage is called {$stage->id}.");
    }

    /** Whether any wire ends at a terminal yet. */
    public function endsAt(string $terminal): bool
    {
        return isset($this->ends()[$terminal]);
    }

    /** With a splice before every terminal at which more wires meet than it takes, and where one that comes joins one that was there. */
    public function circuit(): Circuit
    {
        $existing = $this->selection->existing;
        if ($existing !== null) {
            $this->staying = $existing->staying($this->components);
            $this->wires = $existing->laid($this->wires, $this->staying, $this->components);
            array_map(fn (int $at) => $this->joinCut($existing, $at), array_keys($this->wires));
            $this->wires = array_map($this->ledToFuse(...), $this->wires);
        }
        if (! $this->selection->isFound) {
            $wiring = $this->brief->wiring;
            $plugged = array_filter($this->components, static fn (Component $one): bool => $one->isAtDash() ? $wiring->dashPlugs : $wiring->servicePlugs);
            array_map($this->plugIn(...), $plugged);
        }
        foreach ($this->selection->isFound ? [] : array_keys($this->ends()) as $terminal) {
            $this->spliceBefore($terminal);
        }
        foreach ($this->brief->fans as $fan) {
            if (! isset($this->components[$fan->id])) {
                throw new \LogicException("{$fan->id} of the brief is not in the circuit.");
            }
        }
        foreach ($this->wires as $wire) {
            assert(isset($this->groups[$wire->group]), "{$wire->id} is in no group, so nothing would size it");
        }

        return new Circuit(
            $this->components, $this->wires, $this->groups,
            array_combine($there = array_keys($this->staying), array_map($this->brief->isJudged(...), $there)),
        );
    }

    /** A wire that was there and is cut through: a new lead, as long as what else comes to its new end, is spliced to what is left of it. */
    private function joinCut(Existing $existing, int $at): void
    {
        $wire = $this->wires[$at];
        $end = $existing->cutEnd($wire, $this->staying);
        if ($end === null) {
            return;
        }
        $id = explode(':', $end, 2)[0];
        $others = array_filter($this->wires, static fn (Wire $one): bool => $one->foundId === null && $one->group === $wire->group
            && in_array($id, [explode(':', $one->from, 2)[0], explode(':', $one->to, 2)[0]], true));
        $splice = $this->add(new Splice("splice-{$wire->foundId}-cut", $this->mark('J'), Message::verbatim("{$this->components[$id]->mark}")));
        array_splice($this->wires, $at, 1, [$wire->rejoined($end, $splice->joint())]);
        $ends = $wire->from === $end ? [$end, $splice->joint()] : [$splice->joint(), $end];
        $this->wire($ends[0], $ends[1], (array_values($others)[0] ?? $wire)->stretch, $wire->colour, $wire->group);
    }

    /**
     * A fuse that comes sits at its feed; one that was there stays where it is: unless it is told how far that is, a new feed comes to it from as far as
     * a fuse is from its relay (common practice, no source).
     */
    private function ledToFuse(Wire $wire): Wire
    {
        $end = explode(':', $wire->to, 2)[0];
        $isLedThere = $wire->foundId === null && $wire->isBeforeFuse() && (isset($this->staying[$end]) || $this->components[$end]->isSplice());
        $isTold = isset($this->brief->segments[$this->brief->segmentName($wire->stretch, $wire->group)]);

        return $isLedThere && ! $isTold ? $wire->along($this->brief->segment(Stretch::FuseToCoil, $wire->group)) : $wire;
    }

    /** @return array<string, list<int>> terminal to the wires that end there, as places among all wires */
    private function ends(): array
    {
        $ends = [];
        foreach ($this->wires as $at => $wire) {
            $ends[$wire->from][] = $at;
            $ends[$wire->to][] = $at;
        }

        return $ends;
    }

    /** Puts a plug between a part and the wires that end at it. */
    private function plugIn(Component $component): void
    {
        $pins = [];
        foreach ($component->pluggedTerminals() as $number => $enters) {
            $terminal = $component->terminal((string) $number);
            if (isset($this->ends()[$terminal])) {
                $pins[count($pins) + 1] = [$terminal, $enters];
            }
        }
        if ($pins === [] || $this->hasItsOwnPlug(array_column($pins, 0))) {
            return;
        }
        $plug = $this->add(new ServicePlug("{$component->id}-plug", $this->mark('XP'), $component, $pins));
        foreach ($pins as [$terminal]) {
            $end = $plug->endOf($terminal) ?? $terminal;
            $this->wires = array_map(static fn (Wire $wire): Wire => $wire->rejoined($terminal, $end), $this->wires);
        }
    }

    /**
     * A part that was there has the plug it had, as long as one of its leads is not renewed.
     *
     * @param  list<string>  $terminals
     */
    private function hasItsOwnPlug(array $terminals): bool
    {
        return array_filter(array_map(fn (string $terminal): ?Wire => $this->selection->existing?->wireAt($terminal, $this->staying), $terminals)) !== [];
    }

    private function spliceBefore(string $terminal): void
    {
        [$id, $number] = explode(':', $terminal, 2);
        $component = $this->components[$id];
        $places = $this->ends()[$terminal];
        $groups = array_map(fn (int $at): WireGroup => $this->groups[$this->wires[$at]->group], $places);
        $isThin = array_filter($groups, static fn (WireGroup $group): bool => ! $group->isThin) === [];
        $termination = $component->termination($number);
        $isStubbed = isset($this->selection->stubs[$terminal]);
        $comes = array_filter($places, fn (int $at): bool => $this->wires[$at]->foundId === null);
        $there = $comes === [] ? null : $this->selection->existing?->wireAt($terminal, $this->staying);
        if ($comes === [] && isset($this->staying[$id])) {
            return;
        }
        if ($there === null && ! $isStubbed && (count($places) <= $termination->mostEnds() || (count($places) === 2 && $isThin && $termination->sharesCrimp()))) {
            return;
        }
        $thick = array_values(array_filter($places, fn (int $at): bool => ! $this->groups[$this->wires[$at]->group]->isThin));
        $thickest = $this->wires[$thick[0] ?? $places[0]];
        $splice = $this->add(new Splice("splice-{$id}-".strtolower($number), $this->mark('J'), Message::verbatim("{$component->mark} {$number}")));
        $this->wires = array_map(static fn (Wire $wire): Wire => $wire->rejoined($terminal, $splice->joint()), $this->wires);
        $group = $this->groups[$this->groups[$thickest->group]->trunk ?? $thickest->group];
        // Drawn the way the current goes: out of a terminal that feeds, into one that is fed.
        $ends = $thickest->from === $terminal ? [$terminal, $splice->joint()] : [$splice->joint(), $terminal];
        $this->wire(...[...$ends, Stretch::Stub, $thickest->colour, ($isStubbed ? $this->stubOf($group) : $group)->id]);
        if ($there !== null) {
            array_splice($this->wires, -1, 1, [$this->wires[count($this->wires) - 1]->pieceOf($there, $there->id)]);
        }
    }

    /** The thinner wires from a group to terminals that do not take its own. */
    private function stubOf(WireGroup $group): WireGroup
    {
        return $this->group(new WireGroup(
            "{$group->id}-stub", Message::of('wire-group.stub', group: $group->name), $group->protectedBy, $group->loadFrom, $group->loadTo, lengthsOf: $group->id,
        ));
    }
}
