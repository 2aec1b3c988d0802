<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\FoundFault;
use LampThread\Circuit\Component\Breakable;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\HasInput;
use LampThread\Circuit\Component\InputSource;
use LampThread\Circuit\Component\Protective;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\ServicePlug;
use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Circuit\Component\Termination;
use LampThread\Circuit\Fault\Fault;
use LampThread\Message\Message;

/** The netlist: components, their terminals, and the wires between them. */
final readonly class Circuit
{
    /**
     * @param  array<string, Component>  $components  by id
     * @param  list<Wire>  $wires
     * @param  array<string, WireGroup>  $wireGroups  by id
     * @param  array<string, bool>  $staying  ids of the components that were there already, and whether anything is known of them
     */
    public function __construct(
        public array $components,
        public array $wires,
        public array $wireGroups,
        private array $staying = [],
    ) {}

    /** Whether a component was in the vehicle already: it is neither bought nor fitted. */
    public function wasThere(string $id): bool
    {
        return isset($this->staying[$id]);
    }

    /** Whether what a component is rated for is known: not one that was there and nobody has looked at. */
    public function isKnown(string $id): bool
    {
        return $this->staying[$id] ?? true;
    }

    /** The same with one component more. */
    public function with(Component $component): self
    {
        return new self([...$this->components, $component->id => $component], $this->wires, $this->wireGroups, $this->staying);
    }

    /** @return array<string, array{label: Message, positions: non-empty-list<string>}> input to what it is called and its positions */
    public function inputs(): array
    {
        $inputs = [];
        foreach ($this->components as $component) {
            if ($component instanceof HasInput && count($component->inputPositions()) > 1) {
                $inputs[$component->input()] ??= [
                    'label' => $component->inputLabel(),
                    'positions' => $component->inputPositions(),
                ];
            }
        }

        return $inputs;
    }

    /** @return array<string, non-empty-list<string>> input to its positions, the usual one first */
    public function positions(): array
    {
        return array_map(static fn (array $input): array => $input['positions'], $this->inputs());
    }

    /** @return array<string, string> input that the vehicle's air conditioning works to the position it has then */
    public function requests(bool $isOn): array
    {
        return array_map(static fn (array $all): string => $all[$isOn ? count($all) - 1 : 0], $this->positionsBy(InputSource::AirConditioning));
    }

    /** @return array<string, non-empty-list<string>> input that is worked so to its positions, the usual one first */
    public function positionsBy(InputSource $source): array
    {
        $positions = [];
        foreach ($this->components as $component) {
            if ($component instanceof HasInput && $component->source() === $source && count($component->inputPositions()) > 1) {
                $positions[$component->input()] ??= $component->inputPositions();
            }
        }

        return $positions;
    }

    /** @return array<string, Component&TemperatureSensing> by id */
    public function sensors(): array
    {
        return array_filter($this->components, static fn (Component $component): bool => $component instanceof TemperatureSensing);
    }

    /** What senses a stage's temperature; null where no temperature decides it. */
    public function sensorOf(string $stageId): (Component&TemperatureSensing)|null
    {
        foreach ($this->sensors() as $sensor) {
            if ($sensor->stageId() === $stageId) {
                return $sensor;
            }
        }

        return null;
    }

    /** What protects a group of wires. */
    public function protectionOf(WireGroup $group): Component&Protective
    {
        $protection = $this->components[$group->protectedBy];
        assert($protection instanceof Protective, "{$group->protectedBy} protects nothing");

        return $protection;
    }

    /** @return list<Wire> cut from one size */
    public function wiresOf(WireGroup $group): array
    {
        return array_values(array_filter($this->wires, static fn (Wire $wire): bool => $wire->group === $group->id));
    }

    /** @return list<Wire> that end at a terminal */
    public function wiresAt(string $terminal): array
    {
        return array_values(array_filter($this->wires, static fn (Wire $wire): bool => $wire->from === $terminal || $wire->to === $terminal));
    }

    /** What a wire ends at there. */
    public function terminationAt(string $terminal): Termination
    {
        [, $number] = explode(':', $terminal, 2);

        return $this->componentAt($terminal)?->termination($number) ?? Termination::Stud;
    }

    /** @return list<Wire> that bring current to a terminal or take it away, through a plug or a splice before it too */
    public function wiresInto(string $terminal): array
    {
        foreach ($this->each(ServicePlug::class) as $plug) {
            $terminal = $plug->endOf($terminal) ?? $terminal;
        }
        $wires = [];
        foreach ($this->wiresAt($terminal) as $wire) {
            $other = $wire->from === $terminal ? $wire->to : $wire->from;
            $wires = [...$wires, $wire, ...($this->componentAt($other)?->isSplice() === true ? $this->wiresAt($other) : [])];
        }

        return array_values(array_unique($wires, SORT_REGULAR));
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return list<Component&T>
     */
    public function each(string $class): array
    {
        return array_values(array_filter($this->components, static fn (Component $component): bool => $component instanceof $class));
    }

    /** @return array<string, non-empty-list<Fault>> component or wire to the ways in which it can fail */
    public function faults(): array
    {
        return array_filter(array_map(static fn (Breakable $part): array => $part->faults(), $this->breakable()));
    }

    /** @return array<string, Breakable> every component and wire */
    public function breakable(): array
    {
        return [...$this->components, ...array_column($this->wires, null, 'id')];
    }

    /** @param  array<string, FaultKind>  $kinds  component or wire to how it has failed, which it can */
    public function broken(array $kinds): Faults
    {
        $faults = [];
        foreach ($kinds as $id => $kind) {
            $faults[$id] = $this->part($id)?->fault($kind) ?? throw new \LogicException("{$id} cannot be {$kind->value}");
        }

        return new Faults($faults);
    }

    /** The component or wire with an id; null where there is none. */
    public function part(string $id): ?Breakable
    {
        if (isset($this->components[$id])) {
            return $this->components[$id];
        }
        foreach ($this->wires as $wire) {
            if ($wire->id === $id) {
                return $wire;
            }
        }

        return null;
    }

    /** The component with an id, or the wire that is called by its ends; null where there is none. */
    public function named(string $name): (Component&Breakable)|Wire|null
    {
        if (isset($this->components[$name])) {
            return $this->components[$name];
        }
        foreach ($this->wires as $wire) {
            if ($wire->name() === $name) {
                return $wire;
            }
        }

        return null;
    }

    /**
     * @param  list<FoundFault>  $told  a wire by its ends
     * @return array<string, FaultKind> id of the component or wire to how it has failed; what there is not is left out
     */
    public function told(array $told): array
    {
        $kinds = [];
        foreach ($told as $fault) {
            $part = $this->named($fault->part);
            $kind = FaultKind::tryFrom($fault->fault);
            if ($part !== null && $kind !== null && $part->fault($kind) !== null) {
                $kinds[$part->id] = $kind;
            }
        }

        return $kinds;
    }

    /** @return list<string> every terminal, the supply's first */
    public function terminals(): array
    {
        $terminals = [Rail::SUPPLY => true, Rail::EARTH => true];
        foreach ($this->components as $component) {
            foreach ($component->paths() as $path) {
                $terminals[$path->from] = true;
                $terminals[$path->to] = true;
            }
        }
        foreach ($this->wires as $wire) {
            $terminals[$wire->from] = true;
            $terminals[$wire->to] = true;
        }

        return array_keys($terminals);
    }

    /** The component a terminal belongs to; null where the circuit has none of that name. */
    public function componentAt(string $terminal): ?Component
    {
        return $this->components[explode(':', $terminal, 2)[0]] ?? null;
    }

    /** What a terminal is called on the drawing: ‘K1 30’. */
    public function terminalName(string $terminal): Message
    {
        [$id, $number] = explode(':', $terminal, 2);

        return match ($terminal) {
            Rail::SUPPLY, Rail::EARTH => Message::of('terminal.battery', pole: $number === '+' ? '+' : '−'),
            default => Message::verbatim(($this->components[$id]->mark ?? $id).' '.$number),
        };
    }
}
