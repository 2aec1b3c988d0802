<?php

declare(strict_types=1);

namespace LampThread\Tests\Network;

use LampThread\Network\Element\CurrentSource;
use LampThread\Network\Element\Resistor;
use LampThread\Network\Element\VoltageSource;
use LampThread\Network\NodalAnalysis;
use LampThread\Tests\Operation\Ngspice;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class NodalAnalysisTest extends TestCase
{
    /** The bridge of Wheatstone, out of balance: 10 V, arms 100, 200, 300, 400 Ω, 50 Ω across. Worked by mesh currents. */
    public function test_an_unbalanced_bridge(): void
    {
        $edges = [['top', '0'], ['top', 'left'], ['top', 'right'], ['left', '0'], ['right', '0'], ['left', 'right']];
        $volts = (new NodalAnalysis('0', $edges))->solve([
            new VoltageSource('supply', 'top', '0', 10, 1e-6),
            new Resistor('a', 'top', 'left', 100),
            new Resistor('b', 'left', '0', 200),
            new Resistor('c', 'top', 'right', 300),
            new Resistor('d', 'right', '0', 400),
            new Resistor('bridge', 'left', 'right', 50),
        ]);
        // Both node equations by Cramer's rule.
        $left = (1 / 10) * (1 / 300 + 1 / 400 + 1 / 50) + (1 / 50) * (10 / 300);
        $right = (10 / 300) * (1 / 100 + 1 / 200 + 1 / 50) + (1 / 50) * (1 / 10);
        $determinant = (1 / 100 + 1 / 200 + 1 / 50) * (1 / 300 + 1 / 400 + 1 / 50) - (1 / 50) ** 2;

        self::assertEqualsWithDelta($left / $determinant, $volts['left'], 1e-6);
        self::assertEqualsWithDelta($right / $determinant, $volts['right'], 1e-6);
    }

    public function test_a_milliohm_beside_a_gigaohm_loses_no_digits(): void
    {
        $volts = (new NodalAnalysis('0', [['a', '0'], ['a', 'b'], ['b', 'c'], ['c', '0']]))->solve([
            new VoltageSource('supply', 'a', '0', 12, 0.001),
            new Resistor('leak', 'a', 'b', 1e9),
            new Resistor('contact', 'b', 'c', 1e-3),
            new Resistor('return', 'c', '0', 1e9),
        ]);

        // Three leakages of 1 GΩ from b, c and the return against 1 GΩ above: a quarter of 12 V.
        self::assertEqualsWithDelta(3.0, $volts['b'], 1e-9);
        self::assertEqualsWithDelta($volts['b'], $volts['c'], 1e-9);
    }

    /**
     * Networks nobody chose, each written down twice by this test: as elements, and as a deck for ngspice. Two batteries, milliohms of contacts,
     * ohms of motors, hundreds of coils, a current somebody injects, in a mesh.
     */
    public function test_networks_written_here_are_what_ngspice_finds(): void
    {
        $random = new Randomizer(new Mt19937((int) getenv('LAMP_SEED')));
        $decks = $solved = [];
        for ($network = 0; $network < 40; $network++) {
            $nodes = $random->getInt(3, 12);
            $name = static fn (int $node): string => $node === 0 ? '0' : "n{$node}";
            $elements = $edges = [];
            $deck = "network {$network}\n";
            for ($at = 1; $at <= 3 * $nodes; $at++) {
                // A tree first, so that every node hangs on something; then chords.
                $from = $at <= $nodes ? $at : $random->getInt(0, $nodes);
                $to = $at <= $nodes ? $random->getInt(0, $at - 1) : ($from + $random->getInt(1, $nodes)) % ($nodes + 1);
                $edges[] = [$name($from), $name($to)];
                $value = 10 ** ($random->getInt(-3000, 3000) / 1000);
                $kind = $at === 1 ? 0 : $random->getInt(0, 9);
                if ($kind <= 1) {
                    $volts = $random->getInt(60, 290) / 10;
                    $elements[] = new VoltageSource("v{$at}", $name($from), $name($to), $volts, $value);
                    $deck .= "V{$at} m{$at} {$name($to)} {$volts}\nRi{$at} m{$at} {$name($from)} {$value}\n";
                } elseif ($kind === 2) {
                    $elements[] = new CurrentSource("i{$at}", $name($from), $name($to), $ampere = $random->getInt(1, 400) / 10);
                    $elements[] = new Resistor("s{$at}", $name($from), $name($to), $value);
                    $deck .= "I{$at} {$name($to)} {$name($from)} {$ampere}\nRs{$at} {$name($from)} {$name($to)} {$value}\n";
                } else {
                    $elements[] = new Resistor("r{$at}", $name($from), $name($to), $value);
                    $deck .= "R{$at} {$name($from)} {$name($to)} {$value}\n";
                }
            }
            $decks[] = "{$deck}.end\n";
            $solved[] = (new NodalAnalysis('0', $edges))->solve($elements);
        }
        foreach (Ngspice::operatingPoints($decks) as $network => $theirs) {
            foreach ($solved[$network] as $node => $volts) {
                self::assertEqualsWithDelta((string) $node === '0' ? 0.0 : $theirs[$node], $volts, 1e-4 + 1e-5 * abs($volts), "network {$network}, {$node}");
            }
        }
    }

    public function test_an_injected_current_meets_its_resistance(): void
    {
        $volts = (new NodalAnalysis('0', [['a', '0']]))->solve([new CurrentSource('i', 'a', '0', 2), new Resistor('r', 'a', '0', 5)]);

        self::assertEqualsWithDelta(10.0, $volts['a'], 1e-6);
    }
}
