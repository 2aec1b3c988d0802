<?php

declare(strict_types=1);

namespace LampThread\Electrics\Element;

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

    /** Whether the companion depends on the voltage. */
    public function isLinear(): bool;

    /**
     * @param  float  $volts  voltage from → to at the last iterate, V
     * @return array{float, float} conductance in S and offset current in A
     */
    public function companion(float $volts): array;

    /** Current from → to, A. */
    public function currentA(float $volts): float;
}
