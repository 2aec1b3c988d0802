<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Circuit;
use LampThread\Electrics\Element\Element;
use LampThread\Electrics\Element\Injection;
use LampThread\Electrics\Element\Junction;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Element\Rotor;
use LampThread\Electrics\Element\Source;
use LampThread\Electrics\NodalAnalysis;
use LampThread\Electrics\OperatingPoint;

/** One settled state as a SPICE netlist that ngspice runs unchanged: contacts as they stand, motors by their own equation. */
final class SpiceNetlist
{
    public static function of(OperatingPoint $point, string $title): string
    {
        $lines = ['* '.preg_replace('/\s+/', ' ', $title).', one settled state'];
        $nodes = [];
        foreach ($point->elements as $element) {
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
        return $terminal === Circuit::EARTH
            ? '0'
            : strtolower(str_replace(['+', '-', ':'], ['p', 'n', '_'], (string) preg_replace('/-(?=.*:)/', '_', $terminal)));
    }

    /** @return list<string> */
    private static function lines(Element $element): array
    {
        $name = str_replace('-', '_', strtolower($element->name()));
        $from = self::node($element->from());
        $to = self::node($element->to());

        return match (true) {
            $element instanceof Resistor => [sprintf('R%s %s %s %.12g', $name, $from, $to, $element->ohm)],
            $element instanceof Source => [
                sprintf('V%s %s_inner %s DC %.12g', $name, $name, $to, $element->volts),
                sprintf('R%s %s_inner %s %.12g', $name, $name, $from, $element->ohm),
            ],
            $element instanceof Injection => [sprintf('I%s %s %s DC %.12g', $name, $to, $from, $element->ampere)],
            $element instanceof Junction => [
                sprintf('D%s %s %s rectifier_%s', $name, $from, $to, $name),
                sprintf('.model rectifier_%s D(IS=%.9g N=%.9g)', $name, Junction::SATURATION_A, Junction::EMISSION),
            ],
            $element instanceof Rotor => [self::rotor($element, $name, $from, $to)],
            default => throw new \LogicException('No SPICE line for '.$element::class),
        };
    }

    private static function rotor(Rotor $rotor, string $name, string $from, string $to): string
    {
        $model = $rotor->model;
        $a = $model->runA * $model->armatureOhm / $model->ratedEmfV ** 2;
        $v = "V({$from},{$to})";

        return sprintf(
            'B%s %s %s I = sgn(%s)*%.12g*((sqrt(1+%.12g*abs(%s))-1)/%.12g)^2',
            $name,
            $from,
            $to,
            $v,
            $model->runA,
            4 * $a,
            $v,
            2 * $a * $model->ratedEmfV,
        );
    }
}
