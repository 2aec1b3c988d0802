<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Circuit\Circuit;
use LampThread\Electrics\Element\Element;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Element\Rotor;

/** Paths of least resistance through everything that conducts now (Dijkstra's algorithm). */
final class LeastPath
{
    /**
     * @return array<string, list<Element>> terminal to what lies between the start and it, in order; the rails are ends, not ways through
     */
    public static function from(OperatingPoint $point, string $start): array
    {
        $edges = [];
        foreach ($point->elements as $element) {
            $ohm = self::ohm($element);
            if ($ohm !== null) {
                $edges[$element->from()][] = [$element->to(), $ohm, $element];
                $edges[$element->to()][] = [$element->from(), $ohm, $element];
            }
        }
        $queue = new \SplPriorityQueue;
        $queue->insert([$start, 0.0, []], 0.0);
        $paths = [];
        while (! $queue->isEmpty()) {
            [$at, $ohm, $elements] = $queue->extract();
            if (isset($paths[$at])) {
                continue;
            }
            $paths[$at] = $elements;
            if ($at !== $start && ($at === Circuit::SUPPLY || $at === Circuit::EARTH)) {
                continue;
            }
            foreach ($edges[$at] ?? [] as [$to, $more, $element]) {
                $queue->insert([$to, $ohm + $more, [...$elements, $element]], -$ohm - $more);
            }
        }

        return $paths;
    }

    /** Null for what is no way through: sources, what the vehicle draws from rail to rail, the averaged ratio of a controller. */
    private static function ohm(Element $element): ?float
    {
        if ($element->from() === Circuit::SUPPLY && $element->to() === Circuit::EARTH) {
            return null;
        }

        return match (true) {
            $element instanceof Resistor && $element->ohm > 0 => $element->ohm,
            $element instanceof Rotor => $element->model->armatureOhm,
            default => null,
        };
    }
}
