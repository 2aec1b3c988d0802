<?php

declare(strict_types=1);

namespace LampThread\Road;

/** A crossflow core by the ε-NTU method, both sides unmixed. */
final class Radiator
{
    /**
     * Effectiveness: ε = 1 − exp[(NTU^0.22/C)·(exp(−C·NTU^0.78) − 1)] (standard heat-transfer texts).
     *
     * @param  float  $ratio  of the smaller heat capacity flow to the larger, 0 to 1
     * @param  float  $ntu  conductance over the smaller heat capacity flow
     */
    public static function effectiveness(float $ratio, float $ntu): float
    {
        if ($ntu <= 0.0) {
            return 0.0;
        }

        return $ratio < 1e-6 ? 1 - exp(-$ntu) : 1 - exp($ntu ** 0.22 / $ratio * (exp(-$ratio * $ntu ** 0.78) - 1));
    }

    /**
     * Heat it takes from the coolant for each kelvin the coolant comes in hotter than the air.
     *
     * @param  float  $coolantWPerK  heat capacity flow of the coolant
     * @param  float  $airWPerK  of the air
     * @param  float  $conductanceWPerK  of the core at this flow of air
     * @return float W/K
     */
    public static function takesWPerK(float $coolantWPerK, float $airWPerK, float $conductanceWPerK): float
    {
        $least = min($coolantWPerK, $airWPerK);
        if ($least <= 0.0) {
            return 0.0;
        }

        return $least * self::effectiveness($least / max($coolantWPerK, $airWPerK), $conductanceWPerK / $least);
    }
}
