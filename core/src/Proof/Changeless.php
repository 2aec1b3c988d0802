<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Settling;
use LampThread\Electrics\FaultKind;
use LampThread\Electrics\Faults;
use LampThread\Electrics\OperatingPoint;

/**
 * Faults that change nothing in a state, known without solving: a branch that carries no current may be opened, two points of one
 * voltage may be joined, a contact that stands where it is stuck is not stuck (substitution theorem).
 */
final readonly class Changeless
{
    /** Above what leaks everywhere, A and V: below these nothing flows and nothing lies across. */
    private const NO_CURRENT_A = 1e-6;

    private const NO_VOLTAGE_V = 1e-3;

    /** @var array<string, list<string>> component to the names its elements can have begin with */
    private array $owners;

    public function __construct(private Circuit $circuit)
    {
        $owners = [];
        foreach (array_keys($circuit->components) as $id) {
            $owners[$id] = [$id, "{$id}-"];
        }
        $this->owners = $owners;
    }

    public function is(string $part, FaultKind $kind, OperatingPoint $point): bool
    {
        $component = $this->circuit->components[$part] ?? null;
        $position = $point->position($part);

        return match ($kind) {
            FaultKind::Open => $this->carriesNothing($part, $point),
            FaultKind::HighResistance => abs($point->currentA($part)) < self::NO_CURRENT_A,
            FaultKind::Chafed => $this->isAtEarth($part, $point),
            FaultKind::Short => $this->hasNothingAcross($part, $point),
            FaultKind::StuckOff => $position === 0,
            FaultKind::StuckOn => $component instanceof Settling && $position === $component->worked(),
            FaultKind::Jammed => $position === 0,
            FaultKind::Drifted => $component instanceof Settling
                && $component->start($point->setting) === $component->start($point->setting->with(new Faults([$part => $kind]))),
        };
    }

    private function carriesNothing(string $part, OperatingPoint $point): bool
    {
        if (! isset($this->owners[$part])) {
            return abs($point->currentA($part)) < self::NO_CURRENT_A;
        }
        foreach ($point->elements as $element) {
            $name = $element->name();
            if (($name === $part || str_starts_with($name, $this->owners[$part][1])) && abs($point->currentA($name)) >= self::NO_CURRENT_A
                && $this->circuit->owner($name) === $part) {
                return false;
            }
        }

        return true;
    }

    private function isAtEarth(string $wire, OperatingPoint $point): bool
    {
        foreach ($point->elements as $element) {
            if ($element->name() === $wire) {
                return abs($point->volts->at($element->to())) < self::NO_VOLTAGE_V;
            }
        }

        return true;
    }

    private function hasNothingAcross(string $part, OperatingPoint $point): bool
    {
        foreach ($this->circuit->components[$part]->passes() as $pass) {
            if (abs($point->volts->across($pass->from, $pass->to)) >= self::NO_VOLTAGE_V) {
                return false;
            }
        }

        return true;
    }
}
