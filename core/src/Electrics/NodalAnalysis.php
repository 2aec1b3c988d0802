<?php

declare(strict_types=1);

namespace LampThread\Electrics;

use LampThread\Electrics\Element\Element;

/**
 * Nodal analysis by star-mesh elimination: node after node is taken out and its star of conductances replaced by the
 * equivalent mesh, until only earth is left; then the voltages are found on the way back.
 *
 * No step subtracts, so a milliohm contact beside a gigaohm leak loses no digits. It wants every source to have a resistance,
 * which in a vehicle every source has. Nodes go out fewest-neighbours-first; in wiring, which is nearly a tree, that makes the
 * work almost proportional to the number of nodes. The order is found once per circuit. Motors are solved by Newton's method.
 */
final class NodalAnalysis
{
    /** Leakage of every node to earth: damp and dust, 1 GΩ. Gives a loose end a voltage. */
    public const LEAKAGE_S = 1e-9;

    private const MOST_ITERATIONS = 60;

    private const TOLERANCE_V = 1e-10;

    /** @var array<string, int> node to its place in the order of elimination; earth is not in it */
    private array $rank;

    /** @var list<string> */
    private array $nodes;

    /**
     * @param  string  $earth  the node at 0 V
     * @param  list<array{string, string}>  $edges  every pair of nodes an element may join
     */
    public function __construct(private readonly string $earth, array $edges)
    {
        $this->nodes = self::fewestNeighboursFirst($earth, $edges);
        $this->rank = array_flip($this->nodes);
    }

    /**
     * @param  list<Element>  $elements
     * @return array<string, float> node to volts against earth
     *
     * @throws \DomainException when the motors find no operating point
     */
    public function solve(array $elements): array
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
        $base = $this->stamp($linear, null);
        if ($bent === []) {
            return $this->named($this->eliminate(...$base));
        }
        $volts = array_fill(0, count($this->nodes) + 1, 0.0);
        for ($iteration = 0; $iteration < self::MOST_ITERATIONS; $iteration++) {
            $next = $this->eliminate(...$this->stamp($bent, $volts, $base));
            $change = 0.0;
            foreach ($next as $node => $value) {
                $change = max($change, abs($value - $volts[$node]));
            }
            $volts = $next;
            if ($change < self::TOLERANCE_V) {
                return $this->named($volts);
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
            $a = $this->rank[$element->from()] ?? $count;
            $b = $this->rank[$element->to()] ?? $count;
            [$conductanceS, $offsetA] = $element->companion($volts === null ? 0.0 : $volts[$a] - $volts[$b]);
            if ($a < $count) {
                $mesh[$a][$b] = ($mesh[$a][$b] ?? 0.0) + $conductanceS;
            }
            if ($b < $count) {
                $mesh[$b][$a] = ($mesh[$b][$a] ?? 0.0) + $conductanceS;
            }
            $injected[$a] -= $offsetA;
            $injected[$b] += $offsetA;
        }

        return [$mesh, $injected];
    }

    /**
     * @param  array<int, array<int, float>>  $mesh
     * @param  array<int, float>  $injected
     * @return array<int, float> volts by rank; the last is earth's 0
     */
    private function eliminate(array $mesh, array $injected): array
    {
        $count = count($this->nodes);
        $sums = [];
        for ($node = 0; $node < $count; $node++) {
            $star = $mesh[$node];
            $sum = array_sum($star);
            $sums[$node] = $sum;
            $ends = array_keys($star);
            $arms = array_values($star);
            $size = count($ends);
            for ($i = 0; $i < $size; $i++) {
                $a = $ends[$i];
                $share = $arms[$i] / $sum;
                $injected[$a] += $injected[$node] * $share;
                if ($a === $count) {
                    continue;
                }
                unset($mesh[$a][$node]);
                for ($j = 0; $j < $size; $j++) {
                    if ($j !== $i) {
                        $b = $ends[$j];
                        $mesh[$a][$b] = ($mesh[$a][$b] ?? 0.0) + $share * $arms[$j];
                    }
                }
            }
        }
        $volts = array_fill(0, $count + 1, 0.0);
        for ($node = $count - 1; $node >= 0; $node--) {
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
     * @return list<string>
     */
    private static function fewestNeighboursFirst(string $earth, array $edges): array
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
                if (count($ends) < $fewest) {
                    $fewest = count($ends);
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
