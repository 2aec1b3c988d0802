<?php

declare(strict_types=1);

namespace LampThread\Network;

use LampThread\Network\Element\Element;

/**
 * Voltages and currents of a circuit that is made of given elements.
 *
 * @internal
 */
final readonly class Solution
{
    /** @param  array<string, float>  $currentsA  by element */
    private function __construct(public NodeVoltages $voltages, public array $currentsA) {}

    /**
     * @param  list<Element>  $elements
     * @param  array<string, float>  $near  voltages to begin from
     */
    public static function of(NodalAnalysis $analysis, array $elements, array $near = []): self
    {
        $byNode = $analysis->solve($elements, $near);
        $currentsA = [];
        foreach ($elements as $element) {
            $currentsA[$element->name()] = $element->currentA(($byNode[$element->from()] ?? 0.0) - ($byNode[$element->to()] ?? 0.0));
        }

        return new self(new NodeVoltages($byNode), $currentsA);
    }
}
