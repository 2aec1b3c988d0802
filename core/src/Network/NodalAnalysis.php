<?php

declare(strict_types=1);

namespace LampThread\Network;

use LampThread\Network\Element\Element;

/**
 * Nodal analysis by star-mesh elimination: node after node is taken out and its star of conductances replaced by the
 * equivalent mesh, until only earth is left; then the voltages are found on the way back.
 *
 * No step subtracts, so a milliohm contact beside a gigaohm leak loses no digits. It wants every source to have a resistance,
 * which in a vehicle every source has. Nodes go out fewest-neighbours-first; in wiring, which is nearly a tree, that makes the
 * work almost proportional to the number of nodes. The order is found once per circuit.
 *
 * Motors and diodes are solved by Newton's method. Their nodes go out last, so that everything straight is eliminated once and
 * each iteration works on what little is left.
 */
final class NodalAnalysis
{
    /** Leakage of every node to earth: damp and dust, 1 GΩ. Gives a loose end a voltage. */
    public const LEAKAGE_S = 1e-9;

    /** More than any node has neighbours. */
    private const LAST = 1_000_000;

    private const MOST_ITERATIONS = 60;

    private const TOLERANCE_V = 1e-10;

    /** Rounding of supply currents, some 1e-14 A, moves a node that kilohms hold by less than this, V: no iteration gets nearer. */
    private const ROUNDING_V = 1e-7;

    /** @var array<string, int> node to its place in the order of elimination; earth is not in it */
    private array $rank;

    /** @var list<string> */
    private array $nodes;

    /** @var \WeakMap<Element, array{int, int, float, float}> straight element to the ranks of its ends, its conductance and offset current */
    private \WeakMap $places;

    /**
     * @param  string  $earth  the node at 0 V
     * @param  list<array{string, string}>  $edges  every pair of nodes an element may join
     * @param  list<string>  $bent  nodes of elements whose current is not proportional to their voltage
     */
    public function __construct(private readonly string $earth, array $edges, array $bent = [])
    {
        $this->nodes = self::fewestNeighboursFirst($earth, $edges, array_fill_keys($bent, true));
        $this->rank = array_flip($this->nodes);
        $this->places = new \WeakMap;
    }

    /**
     * @param  list<Element>  $elements
     * @param  array<string, float>  $near  voltages to begin from, of a circuit much like this one
     * @return array<string, float> node to volts against earth
     *
     * @throws \DomainException when the motors find no operating point
     */
    public function solve(array $elements, array $near = []): array
    {
        $linear = [];
        $bent = [];
        foreach ($elements as $element) {
            if ($element->isLinear()) {
                $linear[] = $element;
            } else {
                $bent[] = $element;
            }
        }
        $count = count($this->nodes);
        $sums = [];
        [$mesh, $injected] = $this->stamp($linear, null);
        if ($bent === []) {
            $this->eliminate($mesh, $injected, $sums, 0, $count);

            return $this->named($this->substitute($mesh, $injected, $sums, array_fill(0, $count + 1, 0.0), 0, $count));
        }
        // Nodes before the first that a bent element touches have nothing but straight ones.
        $straight = $count;
        foreach ($bent as $element) {
            $straight = min($straight, $this->rank[$element->from()] ?? $count, $this->rank[$element->to()] ?? $count);
        }
        $this->eliminate($mesh, $injected, $sums, 0, $straight);
        $volts = array_fill(0, $count + 1, 0.0);
        for ($node = $straight; $node < $count; $node++) {
            $volts[$node] = $near[$this->nodes[$node]] ?? 0.0;
        }
        $before = INF;
        for ($iteration = 0; $iteration < self::MOST_ITERATIONS; $iteration++) {
            [$bentMesh, $bentInjected] = $this->stamp($bent, $volts, [$mesh, $injected]);
            $bentSums = [];
            $this->eliminate($bentMesh, $bentInjected, $bentSums, $straight, $count);
            $next = $this->substitute($bentMesh, $bentInjected, $bentSums, $volts, $straight, $count);
            $change = 0.0;
            for ($node = $straight; $node < $count; $node++) {
                $change = max($change, abs($next[$node] - $volts[$node]));
            }
            $volts = $next;
            $isRounding = $change < self::ROUNDING_V && $change >= $before;
            $before = $change;
            if ($isRounding || $change < self::TOLERANCE_V) {
                return $this->named($this->substitute($mesh, $injected, $sums, $volts, 0, $straight));
            }
        }

        throw new \DomainException('The circuit has no steady operating point.');
    }

    /**
     * @param  list<Element>  $elements
     * @param  array<int, float>|null  $volts  last iterate by rank; null for linear elements
     * @param  array{array<int, array<int, float>>, array<int, float>}|null  $base
     * @return array{array<int, array<int, float>>, array<int, float>} conductances by rank pair and injected currents by rank
     */
    private function stamp(array $elements, ?array $volts, ?array $base = null): array
    {
        $count = count($this->nodes);
        [$mesh, $injected] = $base ?? [
            array_fill(0, $count, [$count => self::LEAKAGE_S]),
            array_fill(0, $count + 1, 0.0),
        ];
        foreach ($elements as $element) {
            if ($volts === null) {
                [$a, $b, $conductanceS, $offsetA] = $this->places[$element] ??= $this->place($element);
            } else {
                $a = $this->rank[$element->from()] ?? $count;
                $b = $this->rank[$element->to()] ?? $count;
                [$conductanceS, $offsetA] = $element->companion($volts[$a] - $volts[$b]);
            }
            if ($a < $count) {
                $mesh[$a][$b] = ($mesh[$a][$b] ?? 0.0) + $conductanceS;
            }
            if ($b < $count) {
                $mesh[$b][$a] = ($mesh[$b][$a] ?? 0.0) + $conductanceS;
            }
            if ($offsetA !== 0.0) {
                $injected[$a] -= $offsetA;
                $injected[$b] += $offsetA;
            }
        }

        return [$mesh, $injected];
    }

    /** @return array{int, int, float, float} */
    private function place(Element $element): array
    {
        $count = count($this->nodes);

        return [$this->rank[$element->from()] ?? $count, $this->rank[$element->to()] ?? $count, ...$element->companion(0.0)];
    }

    /**
     * Takes nodes out, from one rank up to another. What is left of a node's star is what its voltage will be found from.
     *
     * @param  array<int, array<int, float>>  $mesh
     * @param  array<int, float>  $injected
     * @param  array<int, float>  $sums
     */
    private function eliminate(array &$mesh, array &$injected, array &$sums, int $from, int $to): void
    {
        $earth = count($this->nodes);
        for ($node = $from; $node < $to; $node++) {
            $star = $mesh[$node];
            $sum = (float) array_sum($star);
            $sums[$node] = $sum;
            $inflow = $injected[$node];
            foreach ($star as $a => $arm) {
                $share = $arm / $sum;
                $injected[$a] += $inflow * $share;
                if ($a === $earth) {
                    continue;
                }
                unset($mesh[$a][$node]);
                foreach ($star as $b => $other) {
                    if ($b !== $a) {
                        $mesh[$a][$b] = ($mesh[$a][$b] ?? 0.0) + $share * $other;
                    }
                }
            }
        }
    }

    /**
     * Finds the voltages of nodes that were taken out, last first.
     *
     * @param  array<int, array<int, float>>  $mesh
     * @param  array<int, float>  $injected
     * @param  array<int, float>  $sums
     * @param  array<int, float>  $volts  by rank, known from `$to` on; the last is earth's 0
     * @return array<int, float>
     */
    private function substitute(array $mesh, array $injected, array $sums, array $volts, int $from, int $to): array
    {
        for ($node = $to - 1; $node >= $from; $node--) {
            $driven = $injected[$node];
            foreach ($mesh[$node] as $end => $arm) {
                $driven += $arm * $volts[$end];
            }
            $volts[$node] = $driven / $sums[$node];
        }

        return $volts;
    }

    /**
     * @param  array<int, float>  $volts
     * @return array<string, float>
     */
    private function named(array $volts): array
    {
        $named = [$this->earth => 0.0];
        foreach ($this->nodes as $rank => $node) {
            $named[$node] = $volts[$rank];
        }

        return $named;
    }

    /**
     * @param  list<array{string, string}>  $edges
     * @param  array<string, true>  $last  nodes that stay until no others are left
     * @return list<string>
     */
    private static function fewestNeighboursFirst(string $earth, array $edges, array $last): array
    {
        $neighbours = [];
        foreach ($edges as [$a, $b]) {
            if ($a !== $b) {
                $neighbours[$a][$b] = true;
                $neighbours[$b][$a] = true;
            }
        }
        foreach ($neighbours[$earth] ?? [] as $node => $_) {
            unset($neighbours[$node][$earth]);
        }
        unset($neighbours[$earth]);
        $order = [];
        while ($neighbours !== []) {
            $least = null;
            $fewest = PHP_INT_MAX;
            foreach ($neighbours as $node => $ends) {
                $degree = count($ends) + (isset($last[$node]) ? self::LAST : 0);
                if ($degree < $fewest) {
                    $fewest = $degree;
                    $least = $node;
                }
            }
            $ends = array_keys($neighbours[$least]);
            unset($neighbours[$least]);
            foreach ($ends as $a) {
                unset($neighbours[$a][$least]);
                foreach ($ends as $b) {
                    if ($a !== $b) {
                        $neighbours[$a][$b] = true;
                    }
                }
            }
            $order[] = (string) $least;
        }

        return $order;
    }
}
