<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Assumptions;
use LampThread\Brief\Brief;
use LampThread\Brief\Fit;

/**
 * A vehicle's heat, in lumps: metal that burns and rubs, coolant with the metal it wets, and the radiator, with a thermostat between
 * the last two. Figures that a brief does not tell are usual ones (common practice, no source).
 */
final readonly class HeatModel
{
    /** Specific heat of cast metal, J/(kg·K), and how much of it is as hot as the coolant (common practice, no source). */
    private const METAL_HEAT = 480.0;

    private const WETTED_SHARE = 0.75;

    /** From hot metal to coolant, W/K for each rated kW (common practice, no source). */
    private const METAL_TO_COOLANT_W_PER_K_KW = 8.0;

    /** Radiator metal, J/K for each square metre of face, and its share of the coolant (common practice, no source). */
    private const CORE_J_PER_K_M2 = 24_000.0;

    private const RADIATOR_COOLANT_SHARE = 0.3;

    /** What the engine loses to the bay standing, W/K, and with each m/s of road speed (common practice, no source). */
    public const BAY_W_PER_K = 12.0;

    public const BAY_W_PER_K_MS = 0.8;

    /** A pump's flow with the thermostat open, l/s for each 1000 rpm and each 100 kW; and by warmth alone, standing (common practice, no source). */
    private const PUMP_LITRES_S = 0.45;

    public const SIPHON_LITRES_S = 0.02;

    /** Friction and combustion at no load, share of rated power into the coolant at idle (common practice, no source). */
    private const IDLE_HEAT_SHARE = 0.035;

    /** Size of core taken where none is told (common practice, no source). */
    private const USUAL_FIT = [600.0, 400.0, 100.0];

    /**
     * @param  float  $metalJPerK  hot metal that coolant does not reach at once
     * @param  float  $engineJPerK  coolant in the engine and the metal it wets
     * @param  float  $coreWPerK  conductance of the whole core with air at 4 m/s
     * @param  float  $faceM2  of the core
     * @param  float  $coveredShare  of the face the fans draw through
     * @param  bool  $flaps  whether the shroud lets ram air out
     * @param  float  $airShare  speed of ram air through the core over road speed
     * @param  float  $coolantJPerLK  heat a litre of coolant carries for each kelvin
     */
    public function __construct(
        public float $thermostatOpensC,
        public float $metalJPerK,
        public float $engineJPerK,
        public float $radiatorJPerK,
        public float $metalToCoolantWPerK,
        public float $coreWPerK,
        public float $faceM2,
        public float $coveredShare,
        public bool $flaps,
        public float $airShare,
        public float $coolantJPerLK,
        public float $pumpLitresPerS1000,
        public float $heatShare,
        public float $ratedW,
        public float $idleW,
    ) {}

    public static function of(Brief $brief): self
    {
        $heat = $brief->heat;
        $fit = $brief->fit ?? new Fit(self::USUAL_FIT[0], self::USUAL_FIT[1], self::USUAL_FIT[2], false);
        $faceM2 = $fit->coreWidthMm * $fit->coreHeightMm / 1e6;
        $coolantJPerLK = Coolant::specificHeat($brief->cooling->glycolPercent) * Coolant::densityKgL($brief->cooling->glycolPercent);
        $metalJPerK = $heat->engineKg * self::METAL_HEAT;
        $coolantJPerK = $brief->cooling->coolantLitres * $coolantJPerLK;

        return new self(
            $brief->cooling->thermostatOpensC,
            (1 - self::WETTED_SHARE) * $metalJPerK,
            self::WETTED_SHARE * $metalJPerK + (1 - self::RADIATOR_COOLANT_SHARE) * $coolantJPerK,
            self::CORE_J_PER_K_M2 * $faceM2 + self::RADIATOR_COOLANT_SHARE * $coolantJPerK,
            self::METAL_TO_COOLANT_W_PER_K_KW * $heat->ratedKw,
            $heat->coreWPerK($fit),
            $faceM2,
            $fit->coveredShare($brief->fans),
            $fit->flaps || $fit->shroudPercent <= 0,
            $heat->airShare,
            $coolantJPerLK,
            self::PUMP_LITRES_S * ($heat->ratedKw / 100) ** 0.5,
            $heat->heatShare,
            1000 * $heat->ratedKw,
            1000 * self::IDLE_HEAT_SHARE * $heat->ratedKw,
        );
    }

    /**
     * Heat into the coolant by way of the metal.
     *
     * @param  float  $load  power over rated
     * @param  bool  $airConditioning  whether the compressor loads the engine
     * @return float W
     */
    public function heatW(float $engineRpm, float $load, bool $airConditioning): float
    {
        if ($engineRpm <= 0) {
            return 0.0;
        }

        return $this->idleW * $engineRpm / Assumptions::IDLE_RPM + $this->heatShare * ($load * $this->ratedW + ($airConditioning ? AirPath::COMPRESSOR_W : 0.0));
    }

    /** Heat capacity flow of the coolant with the thermostat all open, W/K. */
    public function coolantWPerK(float $engineRpm): float
    {
        $litresS = $engineRpm > 0 ? $this->pumpLitresPerS1000 * $engineRpm / 1000 : self::SIPHON_LITRES_S;

        return $litresS * $this->coolantJPerLK;
    }
}
