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

        return new self(HeatModel::of($brief), $brief->control->hasCompressor(), min($fromC, $boilsC - 1.0), $boilsC, min($boilsC, $brief->cooling->ceilingC));
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
        $lumps = new Lumps($model, $this->boilsC, $this->fromC, self::AMBIENT_C);
        $lumps->radiatorC = $this->fromC;
        $felt = new Felt([], $lumps, self::AMBIENT_C);
        $freeM3h = 3600 * array_sum(array_map(static fn (FanCurve $curve): float => $curve->freeM3s, $model->fans));
        $fans = array_fill(0, count($model->fans), $fanM3h / $freeM3h);
        $overS = null;
        for ($seconds = 0.0; $seconds < self::MOST_S; $seconds += self::LOOK_STEPS * self::STEP_S) {
            $flowWPerK = $lumps->opening * $flowShare * $model->coolantWPerK(self::ENGINE_RPM);
            $engineFan = $model->engineFan?->atWork(self::ENGINE_RPM, $lumps->coolantC, $model->faceM2);
            $air = $this->path->through($flowWPerK, $fans, $engineFan, self::SPEED_KMH, self::AMBIENT_C, $lumps->bayC, 0.0, $this->airConditioning);
            $powerW = self::LOAD * $model->engine->ratedW + ($air->compressorShare ?? 0.0) * AirPath::COMPRESSOR_W + ($engineFan->powerW ?? 0.0);
            $lumps->advance(new HeatFlows(
                $model->engine->coolantW(self::ENGINE_RPM, $powerW), $model->engine->bayW(self::ENGINE_RPM, $powerW), $model->crossWPerK(self::ENGINE_RPM),
                $flowWPerK, $coreShare * $air->takesWPerK, $air->airC, $air->airWPerK, $air->fromBayWPerK, $air->condenserW, HeatModel::BAY_W_PER_K, self::AMBIENT_C,
            ), $felt, self::LOOK_STEPS, self::STEP_S);
            if ($lumps->coolantC >= $this->ceilingC) {
                $overS ??= $seconds + self::LOOK_STEPS * self::STEP_S;
            }
            if ($lumps->boiledJ > 0) {
                return new HeatsUp($this->ceilingC, $overS ?? $seconds, $seconds + self::LOOK_STEPS * self::STEP_S);
            }
        }

        return new HeatsUp($this->ceilingC, $overS, null);
    }
}
