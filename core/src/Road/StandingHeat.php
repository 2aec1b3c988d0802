<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;

/**
 * How soon a vehicle that creeps in traffic on a hot day boils when part of its cooling is gone: the lumps of HeatModel, from the temperature
 * at which every stage has been asked for.
 */
final class StandingHeat
{
    private const AMBIENT_C = 35.0;

    /** Stop and go: power over rated, road speed in km/h and engine speed on average (common practice, no source). */
    private const LOAD = 0.08;

    private const SPEED_KMH = 5.0;

    private const ENGINE_RPM = 1000.0;

    private const STEP_S = 1.0;

    /** Steps between two looks at the air. */
    private const LOOK_STEPS = 5;

    /** What has not boiled by then does not. */
    public const MOST_S = 3600.0;

    /** Stretch over which a thermostat opens, K (common practice, no source). */
    private const OPENS_OVER_K = 10.0;

    /** A standing radiator to still air, W/K (common practice, no source). */
    private const STILL_W_PER_K = 15.0;

    private readonly AirPath $path;

    /** @var array<string, HeatsUp> */
    private array $found = [];

    /**
     * @param  float  $fromC  coolant at first, °C
     * @param  float  $boilsC  where it boils under its cap, °C
     * @param  float  $ceilingC  what it must stay below, °C
     */
    private function __construct(
        private readonly HeatModel $model,
        private readonly bool $airConditioning,
        private readonly float $fromC,
        private readonly float $boilsC,
        private readonly float $ceilingC,
    ) {
        $this->path = new AirPath($model);
    }

    /** @param  float  $fromC  temperature at which every stage has been asked for, °C */
    public static function of(Brief $brief, float $fromC): self
    {
        $boilsC = Coolant::boilsC($brief->cooling->capKpa, $brief->cooling->glycolPercent);

        return new self(HeatModel::of($brief), $brief->control->airConditioning !== null, min($fromC, $boilsC - 1.0), $boilsC, min($boilsC, $brief->cooling->ceilingC));
    }

    /**
     * @param  float  $fanM3h  what the fans that still run move, free, m³/h
     * @param  float  $flowShare  of the coolant that still gets to the radiator, 0 to 1
     * @param  float  $coreShare  of the core that still gives heat to the air, 0 to 1
     * @return HeatsUp within the hour
     */
    public function heatsUp(float $fanM3h, float $flowShare = 1.0, float $coreShare = 1.0): HeatsUp
    {
        $key = round($fanM3h, -1)."/{$flowShare}/{$coreShare}";

        return $this->found[$key] ??= $this->simulated($fanM3h, $flowShare, $coreShare);
    }

    private function simulated(float $fanM3h, float $flowShare, float $coreShare): HeatsUp
    {
        $model = $this->model;
        $heatW = $model->heatW(self::ENGINE_RPM, self::LOAD, $this->airConditioning);
        $coolantC = $radiatorC = $this->fromC;
        $metalC = $coolantC + $heatW / $model->metalToCoolantWPerK;
        $fullWPerK = $flowShare * $model->coolantWPerK(self::ENGINE_RPM);
        $flowWPerK = $takesWPerK = $airC = 0.0;
        $overS = null;
        for ($step = 0; $step * self::STEP_S <= self::MOST_S; $step++) {
            if ($step % self::LOOK_STEPS === 0) {
                $opening = max(0.0, min(1.0, ($coolantC - $model->thermostatOpensC) / self::OPENS_OVER_K));
                $flowWPerK = $opening * $fullWPerK;
                [$takesWPerK, $preheatK] = $this->path->takes($flowWPerK, $fanM3h, self::SPEED_KMH, self::AMBIENT_C, 0.0, $this->airConditioning);
                $airC = self::AMBIENT_C + $preheatK;
            }
            $crossW = $model->metalToCoolantWPerK * ($metalC - $coolantC);
            $movedW = $flowWPerK * ($coolantC - $radiatorC);
            $takenW = $coreShare * $takesWPerK * ($coolantC - $airC) + self::STILL_W_PER_K * ($radiatorC - self::AMBIENT_C);
            $metalC += ($heatW - $crossW) / $model->metalJPerK * self::STEP_S;
            $coolantC += ($crossW - $movedW - HeatModel::BAY_W_PER_K * ($coolantC - self::AMBIENT_C)) / $model->engineJPerK * self::STEP_S;
            $radiatorC += ($movedW - $takenW) / $model->radiatorJPerK * self::STEP_S;
            $seconds = ($step + 1) * self::STEP_S;
            if ($coolantC >= $this->ceilingC) {
                $overS ??= $seconds;
            }
            if ($coolantC >= $this->boilsC) {
                return new HeatsUp($this->ceilingC, $overS ?? $seconds, $seconds);
            }
        }

        return new HeatsUp($this->ceilingC, $overS, null);
    }
}
