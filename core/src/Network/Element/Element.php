<?php

declare(strict_types=1);

namespace LampThread\Network\Element;

/**
 * What a component or wire is electrically, between two nodes. The current from the first to the second at a voltage v across
 * it is taken as conductance·v + offset near that v, so that every element fits nodal analysis.
 */
interface Element
{
    /** Unique in the circuit; names the element in the SPICE netlist too. */
    public function name(): string;

    public function from(): string;

    public function to(): string;

    /** Whether the companion is the same at every voltage. */
    public function isLinear(): bool;

    /**
     * @param  float  $volts  voltage from → to at the last iterate, V
     * @return array{float, float} conductance in S and offset current in A
     */
    public function companion(float $volts): array;

    /** Current from → to, A. */
    public function currentA(float $volts): float;

    /** Resistance as a meter finds it with every source taken off, Ω; null for a source, and for a model's negative resistance. */
    public function resistanceOhm(): ?float;

    /** The same element with a resistance added in series, Ω; itself where that has no meaning. */
    public function inSeriesWith(float $ohm): self;

    /** So many of it side by side: the current it takes at a voltage, times that. */
    public function times(float $factor): self;

    /** The same element between two other nodes. */
    public function between(string $from, string $to): self;

    /**
     * Lines of a SPICE netlist.
     *
     * @param  string  $name  as SPICE takes it, without the letter of its kind
     * @return list<string>
     */
    public function spice(string $name, string $from, string $to): array;
}
