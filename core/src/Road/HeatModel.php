<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\Fan;
use LampThread\Brief\Fit;

/**
 * A vehicle's heat, in lumps: metal that burns and rubs, coolant with the metal it wets, the radiator behind the thermostat, and the air
 * of the bay. Figures that a brief does not tell are usual ones (common practice, no source).
 */
final readonly class HeatModel
{
    /** Specific heat of cast metal, J/(kg·K), and how much of it is as hot as the coolant (common practice, no source). */
    private const METAL_HEAT = 480.0;

    private const WETTED_SHARE = 0.75;

    /** From hot metal to coolant, W/K for each rated kW (common practice, no source). */
    private const METAL_TO_COOLANT_W_PER_K_KW = 8.0;

    /** What of that is left when the pump stands: the heat of the head then comes over minutes (common practice, no source). */
    public const STANDING_SHARE = 0.1;

    /** Radiator metal, J/K for each square metre of face, and its share of the coolant (common practice, no source). */
    private const CORE_J_PER_K_M2 = 24_000.0;

    private const RADIATOR_COOLANT_SHARE = 0.3;

    /** What the engine loses to the bay standing, W/K, and with each m/s of road speed (common practice, no source). */
    public const BAY_W_PER_K = 12.0;

    public const BAY_W_PER_K_MS = 0.8;

    /** Air and thin metal of the bay, J/K, and what it changes with the outside by itself, W/K (common practice, no source). */
    public const BAY_J_PER_K = 30_000.0;

    public const BAY_LEAKS_W_PER_K = 15.0;

    /** A pump's flow with the thermostat open, l/s for each 1000 rpm and each 100 kW; and by warmth alone, standing (common practice, no source). */
    private const PUMP_LITRES_S = 0.45;

    public const SIPHON_LITRES_S = 0.01;

    /** Size of core taken where none is told (common practice, no source). */
    private const USUAL_FIT = [600.0, 400.0, 100.0];

    /**
     * @param  float  $metalJPerK  hot metal that coolant does not reach at once
     * @param  float  $engineJPerK  coolant in the engine and the metal it wets
     * @param  float  $coreWPerK  conductance of the whole core with air at 4 m/s and this coolant
     * @param  float  $faceM2  of the core
     * @param  float  $coveredShare  of the face the fans draw through
     * @param  bool  $flaps  whether the shroud lets ram air out
     * @param  float  $airShare  speed of ram air through the core over road speed, fans away
     * @param  float  $coolantJPerLK  heat a litre of coolant carries for each kelvin
     * @param  list<FanCurve>  $fans  as the brief has them
     * @param  EngineFanAir|null  $engineFan  a fan the engine still drives
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
        public EngineHeat $engine,
        public Pressure $pressure,
        public array $fans,
        public bool $hasCompressor,
        public ?EngineFanAir $engineFan = null,
    ) {}

    /** @param  Uncertain  $as  how its uncertain figures are taken; as told where nothing is said */
    public static function of(Brief $brief, Uncertain $as = new Uncertain): self
    {
        $heat = $brief->heat;
        $fit = $brief->fit ?? new Fit(self::USUAL_FIT[0], self::USUAL_FIT[1], self::USUAL_FIT[2], false);
        $faceM2 = $fit->coreWidthMm * $fit->coreHeightMm / 1e6;
        $cooling = $brief->cooling;
        $coolantJPerLK = Coolant::specificHeat($cooling->glycolPercent) * Coolant::densityKgL($cooling->glycolPercent);
        $metalJPerK = $heat->engineKg * self::METAL_HEAT;
        $coolantJPerK = $cooling->coolantLitres * $coolantJPerLK;
        $coveredShare = $fit->coveredShare($brief->fans);
        $areaM2 = $coveredShare * $faceM2 / count($brief->fans);

        return new self(
            $cooling->thermostatOpensC + $as->thermostatK,
            (1 - self::WETTED_SHARE) * $metalJPerK,
            self::WETTED_SHARE * $metalJPerK + (1 - self::RADIATOR_COOLANT_SHARE) * $coolantJPerK,
            self::CORE_J_PER_K_M2 * $faceM2 + self::RADIATOR_COOLANT_SHARE * $coolantJPerK,
            self::METAL_TO_COOLANT_W_PER_K_KW * $heat->ratedKw,
            $as->core * $heat->coreWPerK($fit) * Coolant::coreShare($cooling->glycolPercent),
            $faceM2,
            $coveredShare,
            $fit->flaps,
            $as->air * $heat->airShare,
            $coolantJPerLK,
            $as->pump * self::PUMP_LITRES_S * ($heat->ratedKw / 100) ** 0.5,
            new EngineHeat($heat->withHeatShare($as->heat * $heat->heatShare)),
            Pressure::of($cooling),
            array_map(static fn (Fan $fan): FanCurve => FanCurve::of($fan, $areaM2, $as->fans), $brief->fans),
            $brief->control->hasCompressor(),
            $brief->engineFan === null || $brief->engineFan->isRemoved ? null : new EngineFanAir($brief->engineFan),
        );
    }

    /** Heat capacity flow of the coolant with the thermostat all open, W/K. */
    public function coolantWPerK(float $engineRpm): float
    {
        $litresS = $engineRpm > 0 ? $this->pumpLitresPerS1000 * $engineRpm / 1000 : self::SIPHON_LITRES_S;

        return $litresS * $this->coolantJPerLK;
    }

    /** From hot metal to coolant, W/K. */
    public function crossWPerK(float $engineRpm): float
    {
        return ($engineRpm > 0 ? 1.0 : self::STANDING_SHARE) * $this->metalToCoolantWPerK;
    }
}
