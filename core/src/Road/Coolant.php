<?php

declare(strict_types=1);

namespace LampThread\Road;

/** Water with ethylene glycol. */
final class Coolant
{
    /** Antoine equation of water from 99 to 374 °C: log10 p[mmHg] = A − B/(C + t[°C]) (standard thermodynamic tables). */
    private const ANTOINE_A = 8.14019;

    private const ANTOINE_B = 1810.94;

    private const ANTOINE_C = 244.485;

    private const PA_PER_MMHG = 133.322;

    /** What glycol raises the boiling point by at sea level, K, by volume (tables of ethylene glycol, from memory). */
    private const RAISES_K = [[0, 0.0], [20, 2.2], [30, 4.0], [40, 6.0], [50, 7.6], [60, 11.1], [70, 14.4]];

    /** Specific heat about 85 °C, J/(kg·K), and density, kg/l, by volume of glycol (tables of ethylene glycol, from memory). */
    private const SPECIFIC_HEAT = [[0, 4200.0], [20, 3990.0], [30, 3850.0], [40, 3700.0], [50, 3540.0], [60, 3370.0], [70, 3190.0]];

    private const DENSITY = [[0, 0.968], [20, 0.993], [30, 1.005], [40, 1.018], [50, 1.031], [60, 1.043], [70, 1.055]];

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

        return self::ANTOINE_B / (self::ANTOINE_A - log10($mmHg)) - self::ANTOINE_C + self::between(self::RAISES_K, $glycolPercent);
    }

    /** J/(kg·K) */
    public static function specificHeat(float $glycolPercent): float
    {
        return self::between(self::SPECIFIC_HEAT, $glycolPercent);
    }

    /** kg/l */
    public static function densityKgL(float $glycolPercent): float
    {
        return self::between(self::DENSITY, $glycolPercent);
    }

    /** @param  non-empty-list<array{int, float}>  $table */
    private static function between(array $table, float $percent): float
    {
        foreach ($table as $at => [$upTo, $value]) {
            if ($percent <= $upTo) {
                if ($at === 0) {
                    return $value;
                }
                [$from, $before] = $table[$at - 1];

                return $before + ($value - $before) * ($percent - $from) / ($upTo - $from);
            }
        }

        return $table[count($table) - 1][1];
    }
}
