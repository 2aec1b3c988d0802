<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Component\Rail;
use LampThread\Network\Element\Element;
use LampThread\Network\NodalAnalysis;
use LampThread\Operation\OperatingPoint;

/** One settled state as a SPICE netlist that ngspice runs unchanged: contacts as they stand, motors by their own equation. */
final class SpiceNetlist
{
    public static function of(OperatingPoint $point, string $title): string
    {
        $lines = ['* '.preg_replace('/\s+/', ' ', $title).', one settled state'];
        $nodes = [];
        foreach ($point->elements() as $element) {
            array_push($lines, ...self::lines($element));
            $nodes[self::node($element->from())] = true;
            $nodes[self::node($element->to())] = true;
        }
        foreach (array_keys($nodes) as $node) {
            if ((string) $node === '0') {
                continue;
            }
            $lines[] = sprintf('Rleak_%s %s 0 %.9g', $node, $node, 1 / NodalAnalysis::LEAKAGE_S);
        }
        $lines[] = '.options reltol=1e-6 abstol=1e-9 vntol=1e-7 gmin=1e-15';
        $lines[] = '.op';
        $lines[] = '.end';

        return implode("\n", $lines)."\n";
    }

    /** What a terminal is called in the netlist; battery negative is 0. */
    public static function node(string $terminal): string
    {
        return $terminal === Rail::EARTH
            ? '0'
            : strtolower(str_replace(['+', '-', ':'], ['p', 'n', '_'], (string) preg_replace('/-(?=.*:)/', '_', $terminal)));
    }

    /** @return list<string> */
    private static function lines(Element $element): array
    {
        return $element->spice(str_replace('-', '_', strtolower($element->name())), self::node($element->from()), self::node($element->to()));
    }
}
