<?php

declare(strict_types=1);

namespace LampThread\Tests\Network;

use LampThread\Network\Element\DiodeJunction;
use LampThread\Network\Element\Resistor;
use LampThread\Network\Element\VoltageSource;
use LampThread\Network\NodalAnalysis;
use LampThread\Tests\Operation\Ngspice;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DiodeJunctionTest extends TestCase
{
    /** A diode in series with a resistor, against ngspice's own diode. */
    #[TestWith([12.0, 85.0])]
    #[TestWith([12.0, 3.3])]
    #[TestWith([0.5, 100.0])]
    #[TestWith([-12.0, 85.0])]
    #[TestWith([24.0, 1000.0])]
    public function test_it_is_ngspices_diode(float $supplyV, float $ohm): void
    {
        $ours = (new NodalAnalysis('0', [['s', '0'], ['s', 'a'], ['a', '0']]))->solve([
            new VoltageSource('v', 's', '0', $supplyV, 0.001),
            new Resistor('r', 's', 'a', $ohm),
            new DiodeJunction('d', 'a', '0'),
        ]);
        $theirs = Ngspice::operatingPoint(sprintf(
            "diode\nVv s0 0 DC %g\nRs s0 s 0.001\nRr s a %g\nDd a 0 rectifier\n.model rectifier D(IS=%.9g N=%.9g)\n"
            ."Rl1 s 0 1e9\nRl2 a 0 1e9\n.options reltol=1e-6 gmin=1e-15\n.op\n.end\n",
            $supplyV,
            $ohm,
            DiodeJunction::SATURATION_A,
            DiodeJunction::EMISSION,
        ));

        self::assertEqualsWithDelta($theirs['a'], $ours['a'], max(0.0005, 1e-4 * abs($theirs['a'])));
    }

    public function test_it_passes_one_way_only(): void
    {
        $diode = new DiodeJunction('d', 'a', 'k');

        self::assertGreaterThan(0.1, $diode->currentA(0.8));
        self::assertLessThan(1e-7, abs($diode->currentA(-12)));
        self::assertSame(0.0, $diode->currentA(0));
    }

    public function test_above_a_volt_it_goes_on_in_a_straight_line(): void
    {
        $diode = new DiodeJunction('d', 'a', 'k');
        [$slopeAtOne] = $diode->companion(1.0);
        [$slopeAbove] = $diode->companion(12.0);

        self::assertSame($slopeAtOne, $slopeAbove);
        self::assertEqualsWithDelta($diode->currentA(1.0) + 11 * $slopeAtOne, $diode->currentA(12.0), 1e-3);
    }
}
