<?php

declare(strict_types=1);

namespace LampThread\Road;

/** Water with ethylene glycol: where it boils, and what it carries and gives off. */
final class Coolant
{
    /** Antoine equation of water from 99 to 374 °C: log10 p[mmHg] = A − B/(C + t[°C]) (standard thermodynamic tables). */
    private const ANTOINE_A = 8.14019;

    private const ANTOINE_B = 1810.94;

    private const ANTOINE_C = 244.485;

    private const PA_PER_MMHG = 133.322;

    /** Heat that turns a kilogram of water into steam at about 120 °C, J/kg (steam tables). */
    public const LATENT_J_PER_KG = 2.2e6;

    /** Share of glycol by volume, %; and temperatures of the tables below, °C. */
    private const PERCENTS = [0.0, 30.0, 50.0, 70.0];

    private const TEMPS_C = [20.0, 60.0, 100.0];

    /** What glycol raises the boiling point by at sea level, K (tables of ethylene glycol, from memory). */
    private const RAISES_K = [0.0, 4.0, 7.6, 14.4];

    /** Specific heat, J/(kg·K), a row for each share (water: steam tables; glycol: handbook of air-conditioning engineers, from memory). */
    private const SPECIFIC_HEAT = [[4182.0, 4185.0, 4216.0], [3723.0, 3838.0, 3953.0], [3358.0, 3513.0, 3667.0], [2960.0, 3150.0, 3340.0]];

    /** Density, kg/l; the same sources. */
    private const DENSITY = [[0.998, 0.983, 0.958], [1.045, 1.026, 1.000], [1.074, 1.052, 1.023], [1.099, 1.074, 1.043]];

    /** Thermal conductivity, W/(m·K); the same sources. */
    private const CONDUCTIVITY = [[0.598, 0.654, 0.679], [0.449, 0.487, 0.511], [0.380, 0.404, 0.416], [0.322, 0.334, 0.338]];

    /** Dynamic viscosity, mPa·s; the same sources. Between them its logarithm goes in straight lines. */
    private const VISCOSITY = [[1.002, 0.467, 0.282], [2.05, 0.94, 0.56], [3.94, 1.44, 0.73], [7.8, 2.4, 1.05]];

    /** Temperature the core works at and the mix its conductance is told for. */
    private const WORKS_AT_C = 90.0;

    private const USUAL_PERCENT = 50.0;

    /** Share of the core's resistance to heat that lies between coolant and tube, with the usual mix (common practice, no source). */
    private const INSIDE_SHARE = 0.25;

    /**
     * Where it boils in a closed system.
     *
     * @param  float  $capKpa  what the cap holds above the pressure around, kPa
     * @param  float  $glycolPercent  by volume
     * @return float °C
     */
    public static function boilsC(float $capKpa, float $glycolPercent, float $altitudeM = 0.0): float
    {
        $mmHg = (1000 * $capKpa + Air::pressurePa($altitudeM)) / self::PA_PER_MMHG;

        return self::ANTOINE_B / (self::ANTOINE_A - log10($mmHg)) - self::ANTOINE_C + self::between(self::PERCENTS, self::RAISES_K, $glycolPercent);
    }

    /** J/(kg·K) */
    public static function specificHeat(float $glycolPercent, float $tempC = self::WORKS_AT_C): float
    {
        return self::property(self::SPECIFIC_HEAT, $glycolPercent, $tempC);
    }

    /** kg/l */
    public static function densityKgL(float $glycolPercent, float $tempC = self::WORKS_AT_C): float
    {
        return self::property(self::DENSITY, $glycolPercent, $tempC);
    }

    /** W/(m·K) */
    public static function conductivity(float $glycolPercent, float $tempC = self::WORKS_AT_C): float
    {
        return self::property(self::CONDUCTIVITY, $glycolPercent, $tempC);
    }

    /** mPa·s */
    public static function viscosity(float $glycolPercent, float $tempC = self::WORKS_AT_C): float
    {
        $logs = array_map(static fn (array $row): array => array_map(log(...), $row), self::VISCOSITY);

        return exp(self::property($logs, $glycolPercent, $tempC));
    }

    /**
     * Conductance of a core with this mix over that with half and half. Inside the tubes heat passes as in turbulent flow, with
     * k^0.6·ρ^0.8·c^0.4/µ^0.4 (Dittus and Boelter, standard heat-transfer texts); the rest of the way is the same for all.
     */
    public static function coreShare(float $glycolPercent): float
    {
        $inside = self::passes(self::USUAL_PERCENT) / self::passes($glycolPercent);

        return 1 / (1 - self::INSIDE_SHARE + self::INSIDE_SHARE * $inside);
    }

    private static function passes(float $percent): float
    {
        return self::conductivity($percent) ** 0.6 * self::densityKgL($percent) ** 0.8 * self::specificHeat($percent) ** 0.4 / self::viscosity($percent) ** 0.4;
    }

    /** @param  list<list<float>>  $table  a row for each share */
    private static function property(array $table, float $percent, float $tempC): float
    {
        return self::between(self::PERCENTS, array_map(static fn (array $row): float => self::between(self::TEMPS_C, $row, $tempC), $table), $percent);
    }

    /**
     * In straight lines between the entries; beyond the last the last.
     *
     * @param  list<float>  $at
     * @param  list<float>  $values
     */
    private static function between(array $at, array $values, float $wanted): float
    {
        foreach ($at as $index => $upTo) {
            if ($wanted <= $upTo) {
                if ($index === 0) {
                    return $values[0];
                }
                $from = $at[$index - 1];

                return $values[$index - 1] + ($values[$index] - $values[$index - 1]) * ($wanted - $from) / ($upTo - $from);
            }
        }

        return $values[count($values) - 1];
    }
}
