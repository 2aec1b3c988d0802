<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Network\Element\Element;
use LampThread\Network\NodeVoltages;

/** One settled state of a circuit: every voltage, every current, and where every relay, switch and motor stands. */
final readonly class OperatingPoint
{
    /**
     * @param  array<string, int>  $positions  by stateful component
     * @param  array<string, float>  $currents  by element or wire, from → to, A
     * @param  list<string>  $chattering  relays that never come to rest; then the voltages are of the last look only
     * @param  ElementSet  $elementSet  what was solved
     */
    public function __construct(
        public Circuit $circuit,
        public OperatingConditions $conditions,
        public array $positions,
        public NodeVoltages $voltages,
        public array $currents,
        public array $chattering,
        private ElementSet $elementSet,
    ) {}

    public function isSettled(): bool
    {
        return $this->chattering === [];
    }

    /** Current through a wire or element, A; 0 where the element is not there now, as an open contact is not. */
    public function currentA(string $name): float
    {
        return $this->currents[$name] ?? 0.0;
    }

    public function position(string $componentId): int
    {
        return $this->positions[$componentId] ?? 0;
    }

    /** @return list<Element> of the whole circuit as it was solved */
    public function elements(): array
    {
        return $this->elementSet->elements;
    }

    /** @return array<string, list<Element>> by component or wire */
    public function elementsByPart(): array
    {
        return $this->elementSet->byPart;
    }

    /** The same for points of one circuit that are made of the same elements. */
    public function elementKey(): string
    {
        return $this->elementSet->key;
    }
}
