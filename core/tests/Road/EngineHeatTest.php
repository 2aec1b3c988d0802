<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Brief\Heat;
use LampThread\Brief\RoadLoad;
use LampThread\Road\Coolant;
use LampThread\Road\EngineHeat;
use LampThread\Road\TractivePower;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What the road asks for, what becomes of the fuel, and what the coolant carries. */
final class EngineHeatTest extends TestCase
{
    /**
     * The passenger car of Wong, Theory of Ground Vehicles, chapter 3 (figures from memory): 21.24 kN, 2.32 m², drag 0.45, rolling 0.02, air of
     * 1.23 kg/m³. At 96.5 km/h its drag is 461 N and its rolling resistance 425 N by the formulae of that chapter: 23.8 kW at the wheels.
     */
    public function test_drag_and_rolling_of_a_textbook_car(): void
    {
        $road = new TractivePower(new RoadLoad(21_240 / 9.81, 2.32, 0.45, 0.02), 1.23);

        self::assertEqualsWithDelta((461 + 425) * 96.5 / 3.6 / 0.9, $road->powerW(96.5 / 3.6, 0, 0, 0), 120);
    }

    /** By hand: 1500 kg on 10 % at 36 km/h lifts 1464 N at 10 m/s; 2 m/s² of 1575 kg is 3150 N; downhill the road drives. */
    public function test_gradient_acceleration_and_trailer(): void
    {
        $road = new TractivePower(new RoadLoad(1500, 2.2, 0.0001, 1e-9), 1.2);

        self::assertEqualsWithDelta(1464.3 * 10 / 0.9, $road->powerW(10, 0, 10, 0), 10);
        self::assertEqualsWithDelta(3150 * 10 / 0.9, $road->powerW(10, 2, 0, 0), 10);
        self::assertEqualsWithDelta(2 * $road->powerW(10, 0, 10, 0), $road->powerW(10, 0, 10, 1500), 20);
        self::assertSame(0.0, $road->powerW(10, 0, -5, 0));
    }

    /** No more heat than fuel; usual shares of it (standard texts on engines): a third of the fuel to the crank, a quarter to a third to the coolant. */
    #[TestWith([0.8])]
    #[TestWith([1.5])]
    #[TestWith([3.0])]
    public function test_heat_and_power_never_exceed_the_fuel(float $heatShare): void
    {
        $engine = new EngineHeat(new Heat(80, $heatShare));
        foreach ([850, 2000, 3500, 5000] as $rpm) {
            foreach ([0.0, 0.1, 0.5, 1.0] as $load) {
                $powerW = $load * 80_000;
                self::assertLessThan(
                    $engine->fuelW($rpm, $powerW), $powerW + $engine->coolantW($rpm, $powerW) + $engine->bayW($rpm, $powerW), "{$rpm} rpm, {$load}",
                );
            }
        }
    }

    public function test_usual_shares_at_rated_power_and_at_idle(): void
    {
        $engine = new EngineHeat(new Heat(80, 0.8));
        $fuelW = $engine->fuelW(5000, 80_000);

        self::assertEqualsWithDelta(0.32, 80_000 / $fuelW, 0.03);
        self::assertEqualsWithDelta(0.26, $engine->coolantW(5000, 80_000) / $fuelW, 0.03);
        // 0.7 to 1.2 l/h of petrol at 8.9 kWh/l.
        self::assertEqualsWithDelta(0.95 * 8900, $engine->fuelW(850, 0), 0.25 * 8900);
        self::assertEqualsWithDelta(4000, $engine->coolantW(850, 0), 1000);
        self::assertSame(0.0, $engine->coolantW(0, 0));
    }

    /** Water: steam tables at 80 °C. Glycol by volume: handbook tables of air-conditioning engineers at 40 and 80 °C, from memory. */
    #[TestWith([0, 80, 4196, 0.972, 0.670, 0.354])]
    #[TestWith([30, 40, 3780, 1.037, 0.470, 1.34])]
    #[TestWith([50, 40, 3436, 1.064, 0.394, 2.26])]
    #[TestWith([50, 80, 3590, 1.038, 0.411, 1.00])]
    #[TestWith([30, 80, 3896, 1.013, 0.501, 0.72])]
    public function test_properties_of_water_and_glycol(float $percent, float $tempC, float $heat, float $density, float $conductivity, float $viscosity): void
    {
        self::assertEqualsWithDelta($heat, Coolant::specificHeat($percent, $tempC), 0.01 * $heat);
        self::assertEqualsWithDelta($density, Coolant::densityKgL($percent, $tempC), 0.01 * $density);
        self::assertEqualsWithDelta($conductivity, Coolant::conductivity($percent, $tempC), 0.02 * $conductivity);
        self::assertEqualsWithDelta($viscosity, Coolant::viscosity($percent, $tempC), 0.1 * $viscosity);
    }
}
