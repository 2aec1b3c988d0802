<?php

declare(strict_types=1);

namespace LampThread\Tests\Network;

use LampThread\Network\Element\Motor;
use LampThread\Network\Element\MotorModel;
use LampThread\Network\Element\Resistor;
use LampThread\Network\Element\VoltageSource;
use LampThread\Network\NodalAnalysis;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MotorModelTest extends TestCase
{
    /** Worked figures: 13 V, 15.5 A running, 46 A starting, behind 30 mΩ. Solved by hand from I·(Ra+Rw)/E_r²·E² + E − V = 0. */
    #[TestWith([12.2, 13.39, 0.9296])]
    #[TestWith([14.2, 16.76, 1.0397])]
    public function test_behind_thirty_milliohms(float $supplyV, float $currentA, float $speedShare): void
    {
        $motor = new MotorModel(13, 15.5, 46);
        $analysis = new NodalAnalysis('0', [['source', '0'], ['source', 'motor'], ['motor', '0']]);
        $volts = $analysis->solve([
            new VoltageSource('supply', 'source', '0', $supplyV, 1e-9),
            new Resistor('wire', 'source', 'motor', 0.030),
            new Motor('fan', 'motor', '0', $motor),
        ]);

        self::assertEqualsWithDelta($currentA, $motor->currentA($volts['motor']), 0.005);
        self::assertEqualsWithDelta($speedShare, $motor->speedShare($volts['motor']), 0.00005);
    }

    public function test_at_its_rated_point_it_draws_what_it_is_rated(): void
    {
        $motor = new MotorModel(13, 15.5, 46);

        self::assertEqualsWithDelta(15.5, $motor->currentA(13), 1e-9);
        self::assertEqualsWithDelta(1.0, $motor->speedShare(13), 1e-12);
        self::assertEqualsWithDelta(-15.5, $motor->currentA(-13), 1e-9, 'reversed, it runs backwards');
    }

    public function test_its_slope_is_that_of_its_current(): void
    {
        $motor = new MotorModel(13, 15.5, 46);
        foreach ([0.5, 4.0, 13.0, -9.0] as $volts) {
            $step = 1e-5;
            $measured = ($motor->currentA($volts + $step) - $motor->currentA($volts - $step)) / (2 * $step);
            self::assertEqualsWithDelta($measured, $motor->slopeS($volts), 1e-6);
        }
    }

    /** Next to standstill nothing but its armature is felt, so that its back-EMF is the voltage itself. */
    public function test_next_to_standstill_no_digits_are_lost(): void
    {
        self::assertEqualsWithDelta(1.0, (new MotorModel(13, 15.5, 46))->emfV(1e-12) / 1e-12, 1e-9);
    }

    public function test_friction_holds_it_until_the_voltage_is_enough_and_lets_it_coast_lower(): void
    {
        $motor = new MotorModel(13, 15.5, 46);

        self::assertFalse($motor->turns(false, 0.9 * $motor->breakawayV));
        self::assertTrue($motor->turns(false, 1.1 * $motor->breakawayV));
        self::assertFalse($motor->turns(true, 0.1));
        self::assertTrue($motor->turns(true, 6.0));
    }
}
