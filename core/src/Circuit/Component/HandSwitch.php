<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;

/** A switch a hand works: in each position some of its contacts are closed. */
final readonly class HandSwitch extends Component implements Listens
{
    /** Closed contact, Ω (common practice, no source). */
    private const CONTACT_OHM = 0.01;

    /**
     * @param  float  $ratedA  what it may carry, A
     * @param  non-empty-array<string, list<array{string, string}>>  $positions  position to the pairs of terminals it joins; the usual first
     */
    public function __construct(string $id, string $mark, string $name, public float $ratedA, private array $positions)
    {
        parent::__construct($id, $mark, $name);
    }

    public function passes(): array
    {
        $passes = [];
        foreach ($this->positions as $pairs) {
            foreach ($pairs as [$from, $to]) {
                $passes["{$from}>{$to}"] = new Pass($this->terminal($from), $this->terminal($to), Symbol::HandMake);
            }
        }

        return array_values($passes);
    }

    public function elements(Setting $setting, int $position): array
    {
        $elements = [];
        foreach ($this->positions[$setting->position($this->id, $this->inputPositions()[0])] ?? [] as $at => [$from, $to]) {
            $name = $at === 0 ? $this->id : "{$this->id}-pole-".($at + 1);
            $elements[] = new Resistor($name, $this->terminal($from), $this->terminal($to), self::CONTACT_OHM);
        }

        return $elements;
    }

    public function input(): string
    {
        return $this->id;
    }

    public function inputLabel(): string
    {
        return "{$this->mark} {$this->name}";
    }

    public function inputPositions(): array
    {
        return array_keys($this->positions);
    }
}
