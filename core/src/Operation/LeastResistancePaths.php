<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Component\Rail;
use LampThread\Network\Element\Element;

/**
 * Paths of least resistance through everything that conducts now (Dijkstra's algorithm), as current would take them: from plus down and from minus up
 * wherever there is such a way at all.
 */
final class LeastResistancePaths
{
    /** What a step against the current is taken to have more, Ω: more than any path. */
    private const AGAINST_OHM = 1e12;

    /** Volts that are no difference. */
    private const SAME_V = 1e-6;

    /**
     * @return array<string, list<array{string, Element}>> terminal to what lies between the start and it, in order, each element with the
     *                                                     component or wire it belongs to; the rails are ends, not ways through
     */
    public static function from(OperatingPoint $point, string $start): array
    {
        $edges = [];
        foreach ($point->elementsByPart() as $part => $elements) {
            foreach ($elements as $element) {
                $ohm = self::isAcrossRails($element) ? null : $element->resistanceOhm();
                if ($ohm !== null) {
                    $edges[$element->from()][] = [$element->to(), $ohm, [$part, $element]];
                    $edges[$element->to()][] = [$element->from(), $ohm, [$part, $element]];
                }
            }
        }
        $volts = static fn (string $terminal): float => ($start === Rail::EARTH ? -1 : 1) * $point->voltages->at($terminal);
        $queue = new \SplPriorityQueue;
        $queue->insert([$start, 0.0, []], 0.0);
        $paths = [];
        while (! $queue->isEmpty()) {
            [$at, $ohm, $path] = $queue->extract();
            if (isset($paths[$at])) {
                continue;
            }
            $paths[$at] = $path;
            if ($at !== $start && ($at === Rail::SUPPLY || $at === Rail::EARTH)) {
                continue;
            }
            foreach ($edges[$at] ?? [] as [$to, $more, $step]) {
                $along = $ohm + $more + ($volts($to) > $volts($at) + self::SAME_V ? self::AGAINST_OHM : 0.0);
                $queue->insert([$to, $along, [...$path, $step]], -$along);
            }
        }

        return $paths;
    }

    /** What the vehicle draws from rail to rail is no way through. */
    private static function isAcrossRails(Element $element): bool
    {
        return $element->from() === Rail::SUPPLY && $element->to() === Rail::EARTH;
    }
}
