<?php

declare(strict_types=1);

namespace LampThread\Road;

/**
 * Metal, coolant, radiator and bay as they are now, moved on by Euler's method at a fixed step. Where the coolant reaches its boiling
 * point it stays there, and what heat is left over boils it away.
 *
 * @internal
 */
final class Lumps
{
    /** Stretch over which a thermostat opens, K, its hysteresis, K, and its lag, s (common practice, no source). */
    private const OPENS_OVER_K = 10.0;

    private const HYSTERESIS_K = 2.0;

    private const THERMOSTAT_S = 8.0;

    /** A standing radiator to still air, W/K (common practice, no source). */
    public const STILL_W_PER_K = 15.0;

    /** How long the exhaust stays hot after the engine, s (common practice, no source). */
    private const EXHAUST_S = 300.0;

    public float $metalC;

    public float $coolantC;

    public float $radiatorC;

    public float $bayC;

    /** Of the thermostat, 0 to 1. */
    public float $opening;

    public float $boiledJ = 0.0;

    /** Heat in and out since the beginning, J. */
    public float $inJ = 0.0;

    public float $outJ = 0.0;

    public float $hottestC;

    private float $exhaustW = 0.0;

    private readonly float $beganJ;

    /** @param  float  $boilsC  where the coolant boils here, °C */
    public function __construct(private readonly HeatModel $model, public readonly float $boilsC, float $startsC, float $ambientC)
    {
        $this->metalC = $this->coolantC = $this->hottestC = $startsC;
        $this->radiatorC = min($startsC, $ambientC + 0.5 * ($startsC - $ambientC));
        $this->bayC = $ambientC + 0.2 * max(0.0, $startsC - $ambientC);
        $this->opening = max(0.0, min(1.0, ($startsC - $model->thermostatOpensC) / self::OPENS_OVER_K));
        $this->beganJ = $this->storedJ();
    }

    /** Heat that is more in them than at first, J. */
    public function gainedJ(): float
    {
        return $this->storedJ() - $this->beganJ;
    }

    private function storedJ(): float
    {
        return $this->model->metalJPerK * $this->metalC + $this->model->engineJPerK * $this->coolantC + $this->model->radiatorJPerK * $this->radiatorC
            + HeatModel::BAY_J_PER_K * $this->bayC;
    }

    /**
     * Some steps on, or fewer where a sensor passes a temperature that matters.
     *
     * @param  Felt  $felt  the sensors, moved along
     * @param  int  $steps  at least 1
     * @return int steps made
     */
    public function advance(HeatFlows $flows, Felt $felt, int $steps, float $stepS): int
    {
        $model = $this->model;
        $perMetal = $stepS / $model->metalJPerK;
        $perCoolant = $stepS / $model->engineJPerK;
        $perRadiator = $stepS / $model->radiatorJPerK;
        $lag = $stepS / self::THERMOSTAT_S;
        $metalC = $this->metalC;
        $coolantC = $this->coolantC;
        $radiatorC = $this->radiatorC;
        $opening = $this->opening;
        $hottestC = $this->hottestC;
        $boilsC = $this->boilsC;
        $boiledK = 0.0;
        $bayC = $this->bayC;
        $stillWPerK = self::STILL_W_PER_K * (1 - $opening);
        $sumCoolant = $sumRadiator = 0.0;
        $made = 0;
        do {
            $made++;
            $sumCoolant += $coolantC;
            $sumRadiator += $radiatorC;
            $crossW = $flows->crossWPerK * ($metalC - $coolantC);
            $movedW = $flows->flowWPerK * ($coolantC - $radiatorC);
            $metalC += ($flows->heatW - $crossW) * $perMetal;
            $takenW = $flows->takesWPerK * ($coolantC - $flows->airC) + $stillWPerK * ($radiatorC - $flows->ambientC);
            $coolantC += ($crossW - $movedW - $flows->bayWPerK * ($coolantC - $bayC)) * $perCoolant;
            $radiatorC += ($movedW - $takenW) * $perRadiator;
            if ($coolantC > $boilsC) {
                $boiledK += $coolantC - $boilsC;
                $coolantC = $boilsC;
            }
            if ($coolantC > $hottestC) {
                $hottestC = $coolantC;
            }
            $opens = ($coolantC - $model->thermostatOpensC) / self::OPENS_OVER_K;
            $closes = $opens + self::HYSTERESIS_K / self::OPENS_OVER_K;
            $towards = max(0.0, min(1.0, max($opens, min($opening, $closes))));
            $opening += ($towards - $opening) * $lag;
        } while (! $felt->passes($coolantC, $radiatorC, $stepS) && $made < $steps);
        $this->metalC = $metalC;
        $this->coolantC = $coolantC;
        $this->radiatorC = $radiatorC;
        $this->opening = $opening;
        $this->hottestC = $hottestC;
        $this->account($flows, $made * $stepS, $sumCoolant / $made, $sumRadiator / $made, $stillWPerK, $boiledK * $model->engineJPerK);

        return $made;
    }

    /** Heat of that stretch, and what it did to the bay. */
    private function account(HeatFlows $flows, float $lastedS, float $coolantC, float $radiatorC, float $stillWPerK, float $boiledJ): void
    {
        $this->exhaustW += ($flows->exhaustW - $this->exhaustW) * min(1.0, $lastedS / self::EXHAUST_S);
        $aboveK = $this->bayC - $flows->ambientC;
        $takenW = $flows->takesWPerK * ($coolantC - $flows->airC);
        $outW = ($flows->airWPerK - $flows->fromBayWPerK + HeatModel::BAY_LEAKS_W_PER_K) * $aboveK;
        $bayW = $flows->bayWPerK * ($coolantC - $this->bayC);
        $this->bayC += ($flows->condenserW + $takenW + $bayW + $this->exhaustW - $outW) * $lastedS / HeatModel::BAY_J_PER_K;
        $this->boiledJ += $boiledJ;
        $this->inJ += ($flows->heatW + $flows->condenserW + $this->exhaustW) * $lastedS;
        $this->outJ += ($outW + $stillWPerK * ($radiatorC - $flows->ambientC)) * $lastedS + $boiledJ;
    }
}
