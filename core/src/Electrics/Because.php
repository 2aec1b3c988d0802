<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Circuit\Circuit;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Element\Rotor;

/** Says why a terminal has the voltage it has: what it is joined to, through what. */
final readonly class Because
{
    /** A terminal this close to the supply or to earth counts as joined to it, share of the supply voltage. */
    private const CLOSE_SHARE = 0.06;

    /** @param  array<string, list<string>>  $fromSupply  terminal to the marks from battery + to it, least resistance
     * @param  array<string, list<string>>  $fromEarth  the marks from it to earth
     */
    private function __construct(
        private OperatingPoint $point,
        private array $fromSupply,
        private array $fromEarth,
    ) {}

    public static function of(OperatingPoint $point): self
    {
        return new self($point, self::paths($point, Circuit::SUPPLY), array_map(array_reverse(...), self::paths($point, Circuit::EARTH)));
    }

    public function at(string $terminal): string
    {
        $volts = $this->point->volts->at($terminal);
        $supplyV = $this->point->volts->at(Circuit::SUPPLY);
        $above = $this->fromSupply[$terminal] ?? null;
        $below = $this->fromEarth[$terminal] ?? null;

        return match (true) {
            $above === null && $below === null => 'Joined to nothing: everything on both sides of it is open.',
            $below === null => 'Live from battery +'.self::through($above).'. Nothing beyond it leads to earth, so no current flows.',
            $above === null => 'At earth'.self::through($below).'. Nothing feeds it.',
            $volts >= (1 - self::CLOSE_SHARE) * $supplyV => 'Live from battery +'.self::through($above).', and feeding what lies beyond.',
            $volts <= self::CLOSE_SHARE * $supplyV => 'At earth'.self::through($below).', carrying what comes from above.',
            default => 'Between: fed from battery +'.self::through($above).', held to earth'.self::through($below).'.',
        };
    }

    /** @param  list<string>  $marks */
    private static function through(array $marks): string
    {
        return $marks === [] ? '' : ' through '.implode(', ', $marks);
    }

    /**
     * Least-resistance paths (Dijkstra) over everything that conducts now.
     *
     * @return array<string, list<string>>
     */
    private static function paths(OperatingPoint $point, string $start): array
    {
        $edges = [];
        foreach ($point->elements as $element) {
            $isLoadOfTheVehicle = $element->from() === Circuit::SUPPLY && $element->to() === Circuit::EARTH;
            if (($element instanceof Resistor || $element instanceof Rotor) && ! $isLoadOfTheVehicle
                && ! ($element instanceof Resistor && $element->ohm < 0)) {
                $ohm = $element instanceof Resistor ? $element->ohm : $element->model->armatureOhm;
                $mark = ($point->circuit->components[$point->circuit->owner($element->name())] ?? null)?->mark;
                $edges[$element->from()][] = [$element->to(), $ohm, $mark];
                $edges[$element->to()][] = [$element->from(), $ohm, $mark];
            }
        }
        $queue = new \SplPriorityQueue;
        $queue->insert([$start, 0.0, []], 0.0);
        $paths = [];
        while (! $queue->isEmpty()) {
            [$at, $ohm, $marks] = $queue->extract();
            if (isset($paths[$at])) {
                continue;
            }
            $paths[$at] = $marks;
            if ($at !== $start && ($at === Circuit::SUPPLY || $at === Circuit::EARTH)) {
                unset($paths[$at]);

                continue;
            }
            foreach ($edges[$at] ?? [] as [$to, $more, $mark]) {
                $last = $marks[count($marks) - 1] ?? null;
                $queue->insert([$to, $ohm + $more, $mark === null || $mark === $last ? $marks : [...$marks, $mark]], -$ohm - $more);
            }
        }

        return $paths;
    }
}
