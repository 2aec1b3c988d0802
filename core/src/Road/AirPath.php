<?php

declare(strict_types=1);

namespace LampThread\Road;

/**
 * Air through a core: the open part of the face by the road alone, the part under each fan by its curve. Where a shroud has flaps the road
 * opens them once it would move more without the fan.
 */
final readonly class AirPath
{
    /** Power the compressor takes, W, and heat the condenser gives to the core's air, W (common practice, no source). */
    public const COMPRESSOR_W = 2000.0;

    private const CONDENSER_W = 5500.0;

    /** Air behind the condenser at which the pressure switch stops the compressor, °C (common practice, no source). */
    private const CUTS_OUT_C = 75.0;

    /** Warm air rises through a standing core at about this speed, m/s (common practice, no source). */
    private const RISING_MS = 0.08;

    /**
     * Speed the core's conductance is told at, m/s, and how it goes with speed: the air's side about with the square root, the inside of the
     * tubes not at all (standard heat-transfer texts).
     */
    public const TOLD_AT_MS = 4.0;

    public const EXPONENT = 0.45;

    /** Pressure of the road's wind that is left for core and bay (common practice, no source). */
    private const RECOVERED_SHARE = 0.5;

    /** Air of the bay that comes round to the front of a standing car's core; above this speed none does (common practice, no source). */
    private const COMES_ROUND_SHARE = 0.12;

    private const COMES_ROUND_TO_KMH = 20.0;

    private float $systemResistance;

    private float $openM2;

    public function __construct(private HeatModel $model)
    {
        $this->systemResistance = FanCurve::systemResistance($model->airShare, self::RECOVERED_SHARE);
        $this->openM2 = (1 - $model->coveredShare) * $model->faceM2;
    }

    /**
     * @param  float  $coolantWPerK  heat capacity flow of the coolant as the thermostat lets it through
     * @param  list<float>  $fanShares  speed of each fan over rated
     */
    public function through(
        float $coolantWPerK,
        array $fanShares,
        ?EngineFanAtWork $engineFan,
        float $speedKmh,
        float $ambientC,
        float $bayC,
        float $altitudeM,
        bool $airConditioning,
    ): CoreAir {
        $model = $this->model;
        $heat = Air::heatJPerM3K($ambientC, $altitudeM);
        $ramMs = $model->airShare * $speedKmh / 3.6;
        $morePa = $engineFan->shutPa ?? 0.0;
        $moreResistance = $engineFan->resistance ?? 0.0;
        $sections = [];
        if ($this->openM2 > 1e-6) {
            $openMs = sqrt(($this->systemResistance * $ramMs ** 2 + $morePa) / ($this->systemResistance + $moreResistance));
            $sections['open'] = [$this->openM2, $openMs];
        }
        foreach ($model->fans as $at => $curve) {
            $share = $fanShares[$at];
            // Fans that are alike and do alike draw through one part.
            $key = "{$curve->freeM3s}/{$curve->shutPa}/{$curve->airShare}/{$share}";
            $airMs = $sections[$key][1] ?? $this->behindFan($curve, $share, $ramMs, $morePa, $moreResistance);
            $sections[$key] = [($sections[$key][0] ?? 0.0) + $curve->areaM2, $airMs];
        }
        $forwardWPerK = 0.0;
        foreach ($sections as [$areaM2, $airMs]) {
            $forwardWPerK += $airMs >= -self::RISING_MS ? max(self::RISING_MS, $airMs) * $areaM2 * $heat : 0.0;
        }
        $roundShare = self::COMES_ROUND_SHARE * max(0.0, 1 - $speedKmh / self::COMES_ROUND_TO_KMH);
        $frontC = $ambientC + $roundShare * max(0.0, $bayC - $ambientC);
        $compressorShare = $airConditioning && $model->hasCompressor
            ? max(0.0, min(1.0, (self::CUTS_OUT_C - $frontC) * $forwardWPerK / self::CONDENSER_W))
            : null;
        $condenserW = ($compressorShare ?? 0.0) * self::CONDENSER_W;
        $warmedC = $frontC + $condenserW / max(1e-9, $forwardWPerK);
        $takes = $takesTimesC = $airM3s = $backWPerK = 0.0;
        foreach ($sections as [$areaM2, $airMs]) {
            $isBackward = $airMs < -self::RISING_MS;
            $airMs = max(self::RISING_MS, abs($airMs));
            $airWPerK = $airMs * $areaM2 * $heat;
            $airM3s += $airMs * $areaM2;
            $backWPerK += $isBackward ? $airWPerK : 0.0;
            $conductance = $model->coreWPerK * $areaM2 / $model->faceM2 * ($airMs / self::TOLD_AT_MS) ** self::EXPONENT;
            $takesHere = Radiator::takesWPerK($coolantWPerK * $areaM2 / $model->faceM2, $airWPerK, $conductance);
            $takes += $takesHere;
            $takesTimesC += $takesHere * ($isBackward ? $bayC : $warmedC);
        }

        return new CoreAir(
            $takes, $takes > 0 ? $takesTimesC / $takes : $warmedC, $airM3s / $model->faceM2, $forwardWPerK + $backWPerK, $compressorShare, $condenserW,
            $roundShare * $forwardWPerK + $backWPerK,
        );
    }

    private function behindFan(FanCurve $curve, float $share, float $ramMs, float $morePa, float $moreResistance): float
    {
        $airMs = $curve->airMs($share, $this->systemResistance, $ramMs, $morePa, $moreResistance);

        return $this->model->flaps && $airMs >= 0 ? max($airMs, $ramMs) : $airMs;
    }
}
