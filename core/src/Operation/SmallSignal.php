<?php

declare(strict_types=1);

namespace LampThread\Operation;

use LampThread\Circuit\Component\Rail;
use LampThread\Network\Element\CurrentSource;
use LampThread\Network\Element\Element;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodalAnalysis;
use LampThread\Network\NodeVoltages;

/**
 * How every voltage of a settled circuit answers to a small change anywhere in it: the circuit with each element as its conductance at the
 * operating point, each source as its resistance. A resistance put in series with an element acts like a voltage there (compensation
 * theorem, Vlach and Singhal, Computer Methods for Circuit Analysis and Design); where nothing bends, the answer is exact for any size.
 */
final class SmallSignal
{
    /** Conductance below which nothing answers, S. */
    private const NOTHING_S = 1e-9;

    private readonly NodalAnalysis $analysis;

    /** @var list<Resistor> */
    private readonly array $elements;

    /** @var array<string, float> by element, S */
    private readonly array $conductancesS;

    /** @var array<string, NodeVoltages> by element */
    private array $answers = [];

    /**
     * @param  list<Element>  $elements
     * @param  NodeVoltages  $voltages  at the operating point
     */
    public function __construct(array $elements, NodeVoltages $voltages)
    {
        $edges = [[Rail::SUPPLY, Rail::EARTH]];
        $straight = [];
        $conductancesS = [];
        foreach ($elements as $element) {
            $edges[] = [$element->from(), $element->to()];
            [$conductanceS] = $element->companion($voltages->across($element->from(), $element->to()));
            if (abs($conductanceS) > self::NOTHING_S) {
                $conductancesS[$element->name()] = $conductanceS;
                $straight[] = new Resistor($element->name(), $element->from(), $element->to(), 1 / $conductanceS);
            }
        }
        $this->analysis = new NodalAnalysis(Rail::EARTH, $edges);
        $this->elements = $straight;
        $this->conductancesS = $conductancesS;
    }

    /** Change of every voltage for a volt put in series with an element, that drives from its `to` to its `from`; none where nothing flows there. */
    public function inSeries(Element $element): NodeVoltages
    {
        return $this->answers[$element->name()] ??= $this->injected($element, $this->conductancesS[$element->name()] ?? 0.0);
    }

    /** Current that volt drives through the element itself, A. */
    public function admittanceS(Element $element): float
    {
        $conductanceS = $this->conductancesS[$element->name()] ?? 0.0;

        return $conductanceS * (1 - $this->inSeries($element)->across($element->from(), $element->to()));
    }

    /** Change of every voltage for an ampere more that an element takes from its `from` to its `to`. */
    public function taken(Element $element): NodeVoltages
    {
        return $this->answers["{$element->name()} taken"] ??= $this->injected($element, -1.0);
    }

    private function injected(Element $element, float $ampere): NodeVoltages
    {
        return $ampere === 0.0 ? new NodeVoltages([]) : new NodeVoltages($this->analysis->solve([
            ...$this->elements, new CurrentSource('injected', $element->from(), $element->to(), $ampere),
        ]));
    }
}
