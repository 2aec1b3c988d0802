<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Brief\Heat;
use LampThread\Brief\RoadLoad;
use LampThread\Message\Message;
use LampThread\Road\Air;
use LampThread\Road\AirPath;
use LampThread\Road\Coolant;
use LampThread\Road\Drive;
use LampThread\Road\Drives;
use LampThread\Road\EngineHeat;
use LampThread\Road\FanCurve;
use LampThread\Road\FanResponse;
use LampThread\Road\Felt;
use LampThread\Road\HeatFlows;
use LampThread\Road\HeatModel;
use LampThread\Road\Lumps;
use LampThread\Road\Pressure;
use LampThread\Road\Radiator;
use LampThread\Road\Sample;
use LampThread\Road\Simulation;
use LampThread\Road\SimulationResult;
use LampThread\Tests\Operation\Ngspice;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The heat model against what we did not make. */
final class HeatTest extends TestCase
{
    /** ε of crossflow, both unmixed, by the correlation of standard heat-transfer texts; the last is its limit for C → 0, 1 − exp(−NTU). */
    #[TestWith([0.45, 2.1, 0.764])]
    #[TestWith([0.25, 1.0, 0.587])]
    #[TestWith([0.0, 1.5, 0.777])]
    public function test_effectiveness_is_the_published_one(float $ratio, float $ntu, float $published): void
    {
        self::assertEqualsWithDelta($published, Radiator::effectiveness($ratio, $ntu), 0.001);
    }

    /** The exact series of two unmixed streams gives 0.476 at C = 1, NTU = 1 (standard heat-transfer texts, from memory); the correlation is within 2 %. */
    public function test_the_correlation_is_near_the_exact_series(): void
    {
        self::assertEqualsWithDelta(0.476, Radiator::effectiveness(1.0, 1.0), 0.02 * 0.476);
    }

    /**
     * A finned-tube crossflow exchanger worked in a standard heat-transfer text (Incropera and DeWitt, from memory): 1 kg/s of water at 35 °C is
     * heated to 125 °C by gas at 300 °C, U = 100 W/m²K; the text finds C_min/C_max = 0.45, NTU = 2.1, ε = 0.75 and 37.7 m² from its chart.
     */
    public function test_a_textbook_crossflow_example(): void
    {
        $water = 4197.0;
        $gas = 1889.0;
        $heatW = $water * (125 - 35);
        $takes = Radiator::takesWPerK($water, $gas, 100 * 39.7);

        self::assertEqualsWithDelta($heatW, $takes * (300 - 35), 0.02 * $heatW);
        self::assertEqualsWithDelta(0.45, $gas / $water, 0.001);
    }

    /** Steam tables: saturation at 201.3 kPa is 120.4 °C, at 101.3 kPa 100.0 °C, at 143.3 kPa 110 °C. */
    #[TestWith([0.0, 100.0])]
    #[TestWith([100.0, 120.4])]
    #[TestWith([42.0, 110.0])]
    public function test_water_boils_as_in_the_steam_tables(float $capKpa, float $publishedC): void
    {
        self::assertEqualsWithDelta($publishedC, Coolant::boilsC($capKpa, 0), 0.4);
    }

    public function test_glycol_raises_and_altitude_lowers_the_boiling_point(): void
    {
        self::assertGreaterThan(Coolant::boilsC(100, 0) + 5, Coolant::boilsC(100, 50));
        self::assertLessThan(Coolant::boilsC(0, 0) - 6, Coolant::boilsC(0, 0, 2000));
    }

    /** International Standard Atmosphere, ISO 2533: 101 325 Pa and 1.225 kg/m³ at 15 °C at sea level, 79 495 Pa at 2000 m. */
    public function test_air_is_that_of_the_standard_atmosphere(): void
    {
        self::assertEqualsWithDelta(1.225, Air::densityKgM3(15, 0), 0.001);
        self::assertEqualsWithDelta(79_495, Air::pressurePa(2000), 20);
    }

    /** Constant heat, no thermostat: the coolant goes to Q/U exponentially with τ = C/U. */
    public function test_without_a_thermostat_it_is_an_exponential(): void
    {
        $takes = 120.0;
        $lumps = new Lumps(self::model(thermostatOpensC: -100, metalJPerK: 200, engineJPerK: 60_000, radiatorJPerK: 200), 500, 20, 20);
        $felt = new Felt([], $lumps, 20);
        $flows = new HeatFlows(6000, 0, 4000, 4000, $takes, 20, 9000, 0, 0, 0, 20);
        foreach ([200, 500, 1200] as $seconds) {
            while ($seconds > $made = ($made ?? 0) + $lumps->advance($flows, $felt, 10, 0.01) * 0.01) {
                continue;
            }
            $analytic = 20 + 6000 / $takes * (1 - exp(-$made * $takes / 60_400));
            self::assertEqualsWithDelta($analytic, $lumps->coolantC, 0.01 * ($analytic - 20));
        }
    }

    public function test_halving_the_step_halves_the_error(): void
    {
        $model = self::model(thermostatOpensC: 1000);
        $end = static fn (float $stepS): float => self::driven($model, 1200, $stepS)->endsC;
        $best = $end(0.0125);

        self::assertEqualsWithDelta(2.0, ($end(0.2) - $best) / ($end(0.1) - $best), 0.15);
    }

    public function test_heat_in_is_heat_out_and_heat_kept(): void
    {
        foreach (Drives::standard() as $drive) {
            $run = self::simulation(HeatModel::of(Orchard::brief()), 0.1)->run($drive);
            self::assertEqualsWithDelta($run->inJ, $run->outJ + $run->storedJ, 0.001 * $run->inJ, $drive->id);
        }
    }

    /** The same four lumps as resistors and capacitors, thermostat held open, in ngspice: core into bay, exhaust that warms up, air that comes round. */
    public function test_ngspice_finds_the_same_warm_up(): void
    {
        $model = self::model(thermostatOpensC: -100);
        $run = self::driven($model, 1800, 0.1);
        $air = (new AirPath($model))->through($model->coolantWPerK(850), [0.0], null, 0, 20, 20, 0, false);
        $netlist = implode("\n", [
            '* heat as current, kelvin above ambient as volts',
            sprintf('Iheat 0 m %.9g', $model->engine->coolantW(850, 0)),
            sprintf('Iexhaust 0 x %.9g', $model->engine->bayW(850, 0)),
            'Rx x 0 1',
            'Cx x 0 300 IC=0',
            'Gx 0 b x 0 1',
            "Rm m e {$this->ohm($model->metalToCoolantWPerK)}",
            "Rbay e b {$this->ohm(HeatModel::BAY_W_PER_K)}",
            "Rflow e r {$this->ohm($model->coolantWPerK(850))}",
            sprintf('Grad r b e 0 %.9g', $air->takesWPerK),
            sprintf('Ground b r b 0 %.9g', $air->takesWPerK * $air->fromBayWPerK / $air->airWPerK),
            "Rout b 0 {$this->ohm($air->airWPerK - $air->fromBayWPerK + HeatModel::BAY_LEAKS_W_PER_K)}",
            sprintf('Cm m 0 %.9g IC=0', $model->metalJPerK),
            sprintf('Ce e 0 %.9g IC=0', $model->engineJPerK),
            sprintf('Cr r 0 %.9g IC=0', $model->radiatorJPerK),
            sprintf('Cb b 0 %.9g IC=0', HeatModel::BAY_J_PER_K),
            '.tran 0.5 1800 0 0.5 uic',
            '.meas tran half FIND v(e) AT=900',
            '.meas tran end FIND v(e) AT=1799',
            '.meas tran bay FIND v(b) AT=1799',
            '.end',
        ]);
        $spice = Ngspice::measured($netlist);

        $half = array_values(array_filter($run->samples, static fn (Sample $sample): bool => $sample->timeS >= 900))[0];
        self::assertEqualsWithDelta($spice['half'], $half->coolantC - 20, 0.07);
        self::assertEqualsWithDelta($spice['end'], $run->endsC - 20, 0.07);
        self::assertEqualsWithDelta($spice['bay'], $run->samples[count($run->samples) - 1]->bayC - 20, 0.1);
    }

    public function test_a_thermostat_that_is_shut_keeps_the_radiator_cold(): void
    {
        $drive = Drives::standard()['1-warm-up'];
        $run = self::simulation(HeatModel::of(Orchard::brief()), 0.1)->run($drive);
        foreach ($run->samples as $sample) {
            if ($sample->thermostatPercent < 0.5 && $sample->coolantC > 60) {
                self::assertLessThan($sample->coolantC - 25, $sample->radiatorC);
            }
        }
        self::assertGreaterThan(5, $run->samples[count($run->samples) - 1]->thermostatPercent, 'it opened in the end');
    }

    private function ohm(float $wPerK): string
    {
        return sprintf('%.9g', 1 / $wPerK);
    }

    private static function model(
        float $thermostatOpensC,
        float $metalJPerK = 12_000,
        float $engineJPerK = 60_000,
        float $radiatorJPerK = 14_000,
    ): HeatModel {
        $cooling = Orchard::brief()->cooling;
        $fan = new FanCurve(0.5, 130, 0.24);

        return new HeatModel(
            $thermostatOpensC, $metalJPerK, $engineJPerK, $radiatorJPerK, 600, 1500, 0.24, 1.0, true, 0.2, 3600, 0.4, new EngineHeat(new Heat),
            Pressure::of($cooling), [$fan], false,
        );
    }

    private static function driven(HeatModel $model, float $lastsS, float $stepS): SimulationResult
    {
        $drive = new Drive(
            'x', Message::verbatim('x'), Message::verbatim(''), 20, [0, $lastsS], [0, 0], [850, 850], [0.0, 0.0], [20, 20], [false, false], [true, true],
        );

        return self::simulation($model, $stepS)->run($drive);
    }

    private static function simulation(HeatModel $model, float $stepS): Simulation
    {
        $sizing = Orchard::sizing(['/control/stages/0/decider' => ['kind' => 'hand']]);

        return new Simulation($model, new FanResponse($sizing->brief, $sizing->circuit), [null], 200, 70, new RoadLoad, 0, $stepS);
    }
}
