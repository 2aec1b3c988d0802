<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Circuit\Circuit;

/** One settled state of a circuit: every voltage, every current, and where every relay, switch and motor stands. */
final readonly class OperatingPoint
{
    /**
     * @param  array<string, int>  $positions  by component that settles
     * @param  array<string, float>  $currents  by element or wire, from → to, A
     * @param  list<string>  $chattering  relays that never come to rest; then the voltages are of the last look only
     * @param  list<Element\Element>  $elements  what was solved
     * @param  string  $standing  the same for points of one circuit that are made of the same elements
     */
    public function __construct(
        public Circuit $circuit,
        public Setting $setting,
        public array $positions,
        public Volts $volts,
        public array $currents,
        public array $chattering,
        public array $elements,
        public string $standing,
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
}
