<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Brief;
use LampThread\Circuit\Arrangement\Arrangements;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\FeelsTemperature;
use LampThread\Circuit\Component\Listens;

/** The netlist: components, their terminals, and the wires between them. */
final readonly class Circuit
{
    /** Every voltage is against this terminal. */
    public const EARTH = 'battery:-';

    /** Where every thread that does not start at a joint begins. */
    public const SUPPLY = 'battery:+';

    /**
     * @param  array<string, Component>  $components  by id
     * @param  list<Wire>  $wires
     * @param  array<string, Reel>  $reels  by id
     */
    public function __construct(
        public array $components,
        public array $wires,
        public array $reels,
    ) {}

    public static function of(Brief $brief, Fitted $fitted): self
    {
        $harness = new Harness($brief, $fitted);
        foreach (Arrangements::of($brief) as $arrangement) {
            $arrangement->install($harness);
        }

        return $harness->circuit();
    }

    /** @return array<string, array{label: string, positions: non-empty-list<string>}> input to what it is called and its positions */
    public function inputs(): array
    {
        $inputs = [];
        foreach ($this->components as $component) {
            if ($component instanceof Listens && count($component->inputPositions()) > 1) {
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

    /** @return array<string, Component&FeelsTemperature> by id */
    public function feelers(): array
    {
        return array_filter($this->components, static fn (Component $component): bool => $component instanceof FeelsTemperature);
    }

    /** @return list<Wire> cut from one reel */
    public function wiresOf(Reel $reel): array
    {
        return array_values(array_filter($this->wires, static fn (Wire $wire): bool => $wire->reel === $reel->id));
    }

    /**
     * @template T of Component
     *
     * @param  class-string<T>  $class
     * @return list<T>
     */
    public function each(string $class): array
    {
        return array_values(array_filter($this->components, static fn (Component $component): bool => $component instanceof $class));
    }

    /** Id of the component an element belongs to; null for a wire. */
    public function owner(string $element): ?string
    {
        $owner = null;
        foreach (array_keys($this->components) as $id) {
            if (strlen($id) > strlen((string) $owner) && ($element === $id || str_starts_with($element, "{$id}-"))) {
                $owner = $id;
            }
        }

        return $owner;
    }

    /** @return list<string> every terminal, the supply's first */
    public function terminals(): array
    {
        $terminals = [self::SUPPLY => true, self::EARTH => true];
        foreach ($this->components as $component) {
            foreach ($component->passes() as $pass) {
                $terminals[$pass->from] = true;
                $terminals[$pass->to] = true;
            }
        }
        foreach ($this->wires as $wire) {
            $terminals[$wire->from] = true;
            $terminals[$wire->to] = true;
        }

        return array_keys($terminals);
    }

    /** What a terminal is called on the drawing: ‘K1 30’. */
    public function terminalName(string $terminal): string
    {
        [$id, $number] = explode(':', $terminal, 2);
        if ($id === 'battery') {
            return $number === '+' ? 'battery +' : 'battery −';
        }
        $component = $this->components[$id] ?? null;

        return ($component === null ? $id : $component->mark).' '.$number;
    }
}
