<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Circuit;
use LampThread\Shelf\Shelf;
use LampThread\Sizing\Sizing;
use LampThread\Sizing\SupplyBalance;

/** A job's vehicle, ready to be driven. */
final readonly class Vehicle
{
    private HeatModel $model;

    public FanResponse $fans;

    private function __construct(public Brief $brief, Circuit $circuit, private float $relayOperations, private float $altitudeM)
    {
        $this->model = HeatModel::of($brief);
        $this->fans = new FanResponse($brief, $circuit);
    }

    public static function of(Brief $brief, Shelf $shelf, float $altitudeM = 0.0): self
    {
        $sizing = Sizing::of($brief, $shelf);
        $operations = INF;
        foreach ($sizing->choices as $choice) {
            if ($choice->kind === 'relay') {
                $operations = min($operations, $shelf->relay($choice->taken->part->id)->ratedOperations ?? INF);
            }
        }

        return new self($brief, $sizing->circuit, $operations, $altitudeM);
    }

    public function drive(Drive $drive): Outcome
    {
        $bands = array_map(static fn ($stage): ?TemperatureBand => $stage->decider->band(), $this->brief->control->stages);
        $run = (new Simulation($this->model, $this->fans, $bands, $this->brief->cooling->ceilingC, $this->altitudeM))->run($drive);
        $perHour = $run->fanStarts / max(1, count($this->brief->fans)) / $run->lastedS * 3600;
        $left = 1 + min(0.0, $run->batteryAh) / $this->brief->supply->batteryAh;

        return new Outcome(
            $run,
            Bottleneck::of($run, $this->model, $this->brief, $this->altitudeM),
            $perHour > 0 && is_finite($this->relayOperations) ? $this->relayOperations / ($perHour * $this->brief->usage->hoursPerYear) : null,
            $left,
            $left >= SupplyBalance::LEAST_CHARGE,
        );
    }

    public function sweep(): Sweep
    {
        return new Sweep($this->brief, $this->model, $this->fans, $this->altitudeM);
    }
}
