<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Place;
use LampThread\Brief\TemperatureBand;

/**
 * Drives a vehicle through heat: Euler's method at a fixed step for metal, coolant, radiator, thermostat and sensors; what changes with
 * the road and the engine is looked at every tenth step. Fans switch at the step their sensor does.
 */
final class Simulation
{
    public const STEP_S = 0.1;

    /** Steps between two looks at road, engine and air. */
    private const LOOK_STEPS = 10;

    /** Stretch over which a thermostat opens, K, its hysteresis, K, and its lag, s (common practice, no source). */
    private const OPENS_OVER_K = 10.0;

    private const HYSTERESIS_K = 2.0;

    private const THERMOSTAT_S = 8.0;

    /** A standing radiator to still air, W/K (common practice, no source). */
    private const STILL_W_PER_K = 15.0;

    /** Opening of the thermostat at which a sensor behind it feels the engine and the radiator alike. */
    private const SEEN_FROM = 0.02;

    /** Samples kept for a picture at most. */
    private const MOST_SAMPLES = 900;

    /**
     * @param  list<TemperatureBand|null>  $bands  by stage; null where no temperature decides
     * @param  float  $shiftK  how much hotter these are than those the circuit was built with: a stepless controller gives its duty by that
     */
    public function __construct(
        private readonly HeatModel $model,
        private readonly FanResponse $fans,
        private readonly array $bands,
        private readonly float $ceilingC,
        private readonly float $altitudeM = 0.0,
        private readonly float $stepS = self::STEP_S,
        private readonly float $shiftK = 0.0,
    ) {}

    public function run(Drive $drive): SimulationResult
    {
        $model = $this->model;
        $path = new AirPath($model);
        $stepS = $this->stepS;
        $shiftK = $this->shiftK;
        $steps = (int) round($drive->lastS() / $stepS);
        $every = max(self::LOOK_STEPS, (int) ceil($steps / self::MOST_SAMPLES / self::LOOK_STEPS) * self::LOOK_STEPS);
        $timesS = $drive->timesS;
        $lastRow = count($timesS) - 1;
        $row = 0;

        $metalC = $coolantC = $drive->startsC;
        $radiatorC = min($drive->startsC, $drive->ambientsC[0] + 0.5 * ($drive->startsC - $drive->ambientsC[0]));
        $opening = max(0.0, min(1.0, ($coolantC - $model->thermostatOpensC) / self::OPENS_OVER_K));
        $stages = count($this->bands);
        $readsC = $hot = $onC = $offC = $lag = $place = $bits = [];
        foreach ($this->bands as $stage => $band) {
            $onC[$stage] = $band->onC ?? INF;
            $offC[$stage] = $band->offC ?? -INF;
            [$place[$stage], $lag[$stage]] = self::sensor($band?->place);
            $readsC[$stage] = $this->reads($place[$stage], $coolantC, $radiatorC, $opening);
            $hot[$stage] = $readsC[$stage] >= $onC[$stage];
        }
        $heatW = $flowWPerK = $takesWPerK = $airC = $bayWPerK = $ambientC = $speedKmh = $rpm = 0.0;
        $keyOn = true;
        $outS = null;
        $airConditioning = false;
        $state = null;
        $inJ = $outJ = $overS = $runS = $ampereS = $batteryAs = $batteryOutAs = 0.0;
        $peakC = $coolantC;
        $peakAt = 0;
        $peak = null;
        $starts = array_fill(0, max(1, $stages), 0);
        $wasRunning = 0;
        $fanStarts = 0;
        $samples = [];
        $beginning = [$metalC, $coolantC, $radiatorC];

        for ($step = 0; $step <= $steps; $step++) {
            $look = $step % self::LOOK_STEPS === 0;
            if ($look) {
                $timeS = $step * $stepS;
                while ($row < $lastRow - 1 && $timesS[$row + 1] <= $timeS) {
                    $row++;
                }
                $next = min($row + 1, $lastRow);
                $spanS = $timesS[$next] - $timesS[$row];
                $share = $spanS > 0 ? min(1.0, max(0.0, ($timeS - $timesS[$row]) / $spanS)) : 0.0;
                $speedKmh = $drive->speedsKmh[$row] + $share * ($drive->speedsKmh[$next] - $drive->speedsKmh[$row]);
                $rpm = $drive->enginesRpm[$row] + $share * ($drive->enginesRpm[$next] - $drive->enginesRpm[$row]);
                $load = $drive->loads[$row] + $share * ($drive->loads[$next] - $drive->loads[$row]);
                $ambientC = $drive->ambientsC[$row] + $share * ($drive->ambientsC[$next] - $drive->ambientsC[$row]);
                $at = $share >= 1.0 ? $next : $row;
                $airConditioning = $drive->airConditioning[$at];
                $keyOn = $drive->keysOn[$at];
                $outS = $keyOn ? null : ($outS ?? 0.0) + self::LOOK_STEPS * $stepS;
                $heatW = $model->heatW($rpm, $load, $airConditioning);
                $bayWPerK = HeatModel::BAY_W_PER_K + HeatModel::BAY_W_PER_K_MS * $speedKmh / 3.6;
            }
            $moved = $state === null || $look;
            for ($stage = 0; $stage < $stages; $stage++) {
                if ($hot[$stage]) {
                    if ($readsC[$stage] <= $offC[$stage]) {
                        $hot[$stage] = false;
                        $moved = true;
                    }
                } elseif ($readsC[$stage] >= $onC[$stage]) {
                    $hot[$stage] = true;
                    $starts[$stage]++;
                    $moved = true;
                }
            }
            if ($moved) {
                $asBuilt = $shiftK === 0.0 ? $readsC : array_map(static fn (float $tempC): float => $tempC - $shiftK, $readsC);
                $state = $this->fans->at($keyOn, $rpm, $airConditioning, $hot, $asBuilt, $outS);
                if ($state->running > $wasRunning) {
                    $fanStarts += $state->running - $wasRunning;
                }
                $wasRunning = $state->running;
                $flowWPerK = $opening * $model->coolantWPerK($rpm);
                [$takesWPerK, $preheatK, $airMs] = $path->takes($flowWPerK, $state->airM3h, $speedKmh, $ambientC, $this->altitudeM, $airConditioning);
                $airC = $ambientC + $preheatK;
                $stillWPerK = self::STILL_W_PER_K * (1 - $opening);
                if ($look && $step % $every === 0) {
                    $samples[] = new Sample(
                        $step * $stepS, $coolantC, $radiatorC, $readsC, 100 * $opening, 100 * $state->speedShare, $state->currentA,
                        $state->busV, $speedKmh, $rpm, $state->running, $metalC,
                    );
                }
            }

            $crossW = $model->metalToCoolantWPerK * ($metalC - $coolantC);
            $movedW = $flowWPerK * ($coolantC - $radiatorC);
            $takenW = $takesWPerK * ($coolantC - $airC);
            $stillW = $stillWPerK * ($radiatorC - $ambientC);
            $bayW = $bayWPerK * ($coolantC - $ambientC);
            $inJ += $heatW * $stepS;
            $outJ += ($takenW + $stillW + $bayW) * $stepS;
            $metalC += ($heatW - $crossW) / $model->metalJPerK * $stepS;
            $coolantC += ($crossW - $movedW - $bayW) / $model->engineJPerK * $stepS;
            $radiatorC += ($movedW - $takenW - $stillW) / $model->radiatorJPerK * $stepS;

            $opens = ($coolantC - $model->thermostatOpensC) / self::OPENS_OVER_K;
            $closes = $opens + self::HYSTERESIS_K / self::OPENS_OVER_K;
            $towards = max(0.0, min(1.0, max($opens, min($opening, $closes))));
            $opening += ($towards - $opening) * $stepS / self::THERMOSTAT_S;
            for ($stage = 0; $stage < $stages; $stage++) {
                $readsC[$stage] += ($this->reads($place[$stage], $coolantC, $radiatorC, $opening) - $readsC[$stage]) * $stepS / $lag[$stage];
            }

            if ($coolantC > $peakC) {
                $peakC = $coolantC;
                $peakAt = $step;
                $peak = new Peak($state, $hot, $airMs, $flowWPerK, $rpm, $keyOn, $ambientC);
            }
            if ($coolantC > $this->ceilingC) {
                $overS += $stepS;
            }
            if ($state->running > 0) {
                $runS += $stepS;
            }
            $ampereS += $state->currentA * $stepS;
            $batteryAs += $state->batteryA * $stepS;
            if (! $keyOn) {
                $batteryOutAs += $state->batteryA * $stepS;
            }
        }
        $storedJ = $model->metalJPerK * ($metalC - $beginning[0]) + $model->engineJPerK * ($coolantC - $beginning[1]) + $model->radiatorJPerK * ($radiatorC - $beginning[2]);

        return new SimulationResult(
            $drive, $samples, $peakC, $peakAt * $stepS, $overS, ($steps + 1) * $stepS, $runS, $fanStarts, $starts, $ampereS / 3600, $batteryAs / 3600,
            $batteryOutAs / 3600, $inJ, $outJ, $storedJ, $peak, $coolantC,
        );
    }

    /**
     * What a sensor is washed by, and its lag, s (common practice, no source).
     *
     * @return array{int, float} 0 engine, 1 behind the thermostat, 2 core near the inlet, 3 behind the core
     */
    private static function sensor(?Place $place): array
    {
        return match ($place) {
            null, Place::EngineOutlet => [0, 5.0],
            Place::RadiatorInlet, Place::TopHose => [1, 7.0],
            Place::CoreInlet => [2, 20.0],
            Place::CoreOutlet => [3, 20.0],
            Place::BottomHose => [3, 7.0],
        };
    }

    /** What washes a sensor now, °C: behind a shut thermostat the radiator, once it lets coolant through the engine. */
    private function reads(int $place, float $coolantC, float $radiatorC, float $opening): float
    {
        if ($place === 0) {
            return $coolantC;
        }
        if ($place === 3) {
            return $radiatorC;
        }
        $seen = $opening / ($opening + self::SEEN_FROM);
        $inletC = $seen * $coolantC + (1 - $seen) * $radiatorC;

        return $place === 1 ? $inletC : 0.8 * $inletC + 0.2 * $radiatorC;
    }
}
