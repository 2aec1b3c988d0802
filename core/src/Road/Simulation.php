<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\RoadLoad;
use LampThread\Brief\TemperatureBand;

/**
 * Drives a vehicle through heat. Metal, coolant, radiator, thermostat and sensors go at a fixed step; road, engine, air and bay are looked
 * at every tenth of them. Fans switch at the step their sensor does.
 */
final readonly class Simulation
{
    public const STEP_S = 0.1;

    /** Steps between two looks at road, engine and air. */
    private const LOOK_STEPS = 10;

    /** Samples kept for a picture at most. */
    private const MOST_SAMPLES = 900;

    /**
     * @param  list<TemperatureBand|null>  $bands  by decider; null where no temperature decides
     * @param  float  $batteryAh  of the battery
     * @param  int  $lookSteps  between two looks
     */
    public function __construct(
        private HeatModel $model,
        private FanResponse $fans,
        private array $bands,
        private float $ceilingC,
        private float $batteryAh,
        private RoadLoad $roadLoad,
        private float $altitudeM = 0.0,
        private float $stepS = self::STEP_S,
        private int $lookSteps = self::LOOK_STEPS,
        private Uncertain $as = new Uncertain,
    ) {}

    /**
     * @param  list<TemperatureBand|null>|null  $bands  other ones than the brief has
     * @param  Uncertain  $as  how the figures that nobody is sure of are taken
     */
    public static function of(
        Brief $brief,
        FanResponse $fans,
        float $altitudeM = 0.0,
        float $stepS = self::STEP_S,
        int $lookSteps = self::LOOK_STEPS,
        ?array $bands = null,
        Uncertain $as = new Uncertain,
    ): self {
        return new self(
            HeatModel::of($brief, $as), $fans, $bands ?? self::bands($brief), $brief->cooling->ceilingC, $brief->supply->batteryAh, $brief->roadLoad,
            $altitudeM, $stepS, $lookSteps, $as,
        );
    }

    /** @return list<TemperatureBand|null> by decider */
    public static function bands(Brief $brief): array
    {
        return array_map(static fn ($stage): ?TemperatureBand => $stage->decider->band(), $brief->control->deciding());
    }

    public function run(Drive $drive): SimulationResult
    {
        $model = $this->model;
        $path = new AirPath($model);
        $density = Air::densityKgM3($drive->ambientsC[0], $this->altitudeM);
        $cursor = new DriveCursor($drive, new TractivePower($this->roadLoad, $density), $model->engine->ratedW, $this->as->load);
        $lumps = new Lumps($model, $model->pressure->boilsC($this->altitudeM), $drive->startsC, $drive->ambientsC[0]);
        $felt = new Felt($this->bands, $lumps, $drive->ambientsC[0], $this->as->switchK);
        $totals = new DriveTotals($drive, $this->ceilingC, $this->batteryAh, $model->pressure);
        $stepS = $this->stepS;
        $steps = (int) round($drive->lastS() / $stepS);
        $every = max(1, (int) ceil($steps / self::MOST_SAMPLES / $this->lookSteps)) * $this->lookSteps;
        $outS = null;

        for ($step = 0; $step <= $steps && ! $totals->isOver();) {
            $isLook = $step % $this->lookSteps === 0;
            if ($isLook) {
                $cursor->moveTo($step * $stepS);
                $outS = $cursor->keyOn ? null : ($outS ?? 0.0) + $this->lookSteps * $stepS;
                $felt->look($lumps, $cursor->ambientC);
                if ($cursor->fansOn !== null) {
                    $felt->force($cursor->fansOn);
                }
            }
            $fans = $this->fans->at(
                $cursor->keyOn, $cursor->rpm, $cursor->airConditioning, $felt->hot, $felt->aboveOnK(), $outS, $totals->chargeShare, $cursor->ambientC,
            );
            $engineFan = $model->engineFan?->atWork($cursor->rpm, $lumps->coolantC, $model->faceM2);
            $flowWPerK = $lumps->opening * $model->coolantWPerK($cursor->rpm);
            $air = $path->through(
                $flowWPerK, $fans->shares, $engineFan, $cursor->speedKmh, $cursor->ambientC, $lumps->bayC, $this->altitudeM, $cursor->airConditioning,
            );
            $powerW = $cursor->powerW + ($air->compressorShare ?? 0.0) * AirPath::COMPRESSOR_W + ($engineFan->powerW ?? 0.0);
            if ($isLook && $step % $every === 0) {
                $totals->samples[] = new Sample(
                    $step * $stepS, $lumps->coolantC, $lumps->radiatorC, $felt->readsC, 100 * $lumps->opening, 100 * $fans->speedShare, $fans->currentA,
                    $fans->busV, $cursor->speedKmh, $cursor->rpm, $fans->running, $lumps->metalC, $lumps->bayC, $powerW, $cursor->gradientPercent,
                );
            }
            $flows = new HeatFlows(
                $model->engine->coolantW($cursor->rpm, $powerW), $model->engine->bayW($cursor->rpm, $powerW), $model->crossWPerK($cursor->rpm), $flowWPerK,
                $air->takesWPerK, $air->airC, $air->airWPerK, $air->fromBayWPerK, $air->condenserW,
                HeatModel::BAY_W_PER_K + HeatModel::BAY_W_PER_K_MS * $cursor->speedKmh / 3.6, $cursor->ambientC,
            );
            $made = $lumps->advance($flows, $felt, min($this->lookSteps - $step % $this->lookSteps, $steps + 1 - $step), $stepS);
            $totals->count($step * $stepS, $made * $stepS, $lumps, $fans, $felt, $cursor, $air, $flowWPerK);
            $step += $made;
        }

        return $totals->result($lumps, $felt);
    }
}
