<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Assumptions;
use LampThread\Brief\Brief;
use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Relay;
use LampThread\Sizing\Sizing;

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

    public static function of(Sizing $sizing, float $altitudeM = 0.0): self
    {
        $operations = array_map(static fn (Relay $relay): float => $relay->part->ratedOperations, $sizing->circuit->each(Relay::class));

        return new self($sizing->brief, $sizing->circuit, $operations === [] ? INF : min($operations), $altitudeM);
    }

    public function drive(Drive $drive): Outcome
    {
        $bands = array_map(static fn ($stage): ?TemperatureBand => $stage->decider->band(), $this->brief->control->stages);
        $result = (new Simulation($this->model, $this->fans, $bands, $this->brief->cooling->ceilingC, $this->altitudeM))->run($drive);
        $perHour = $result->fanStarts / max(1, count($this->brief->fans)) / $result->lastedS * 3600;
        $left = 1 + min(0.0, $result->batteryAh) / $this->brief->supply->batteryAh;

        return new Outcome(
            $result,
            Bottleneck::of($result, $this->model, $this->brief, $this->altitudeM),
            $perHour > 0 && is_finite($this->relayOperations) ? $this->relayOperations / ($perHour * $this->brief->usage->hoursPerYear) : null,
            $left,
            $left >= Assumptions::LEAST_CHARGE_SHARE,
        );
    }

    public function sweep(): Sweep
    {
        return new Sweep($this->brief, $this->model, $this->fans, $this->altitudeM);
    }
}
