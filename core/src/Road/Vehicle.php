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
    /** Steps of a drive that is only compared, s, and those between two looks at the road. */
    private const ROUGH_STEP_S = 0.5;

    private const ROUGH_LOOK_STEPS = 4;

    /** And where it is only asked how hot it gets at all. */
    private const COARSE_STEP_S = 1.0;

    private const COARSE_LOOK_STEPS = 8;

    /** Drives in which a fan that ever stops would. */
    private const STOPPING_DRIVES = ['4-motorway', '2-town', '3-queue'];

    public FanResponse $fans;

    private function __construct(public Brief $brief, private Circuit $circuit, private float $relayOperations, public float $altitudeM)
    {
        $this->fans = new FanResponse($brief, $circuit);
    }

    public static function of(Sizing $sizing, float $altitudeM = 0.0): self
    {
        $operations = array_map(static fn (Relay $relay): float => $relay->part->ratedOperations, $sizing->circuit->each(Relay::class));

        return new self($sizing->brief, $sizing->circuit, $operations === [] ? INF : min($operations), $altitudeM);
    }

    public function drive(Drive $drive): Outcome
    {
        $result = Simulation::of($this->brief, $this->fans, $this->altitudeM)->run($drive);

        return new Outcome(
            $result,
            Bottleneck::of($result, HeatModel::of($this->brief), $this->brief),
            $this->relayYears($result->busiestStartsPerHour()),
            $result->chargeShare,
            $result->chargeShare >= Assumptions::LEAST_CHARGE_SHARE,
            $this->startsForS($drive, $result),
            Remarks::of($result, $this->brief, $this->circuit),
        );
    }

    /** How a vehicle that is a little other drives. */
    public function as(Drive $drive, Uncertain $as): SimulationResult
    {
        return Simulation::of($this->brief, $this->fans, $this->altitudeM, as: $as)->run($drive);
    }

    /**
     * A drive at coarser steps: good enough to compare.
     *
     * @param  list<TemperatureBand|null>  $bands  by decider
     * @param  Uncertain  $as  how the figures that nobody is sure of are taken
     */
    public function roughly(array $bands, Drive $drive, Uncertain $as = new Uncertain): SimulationResult
    {
        return Simulation::of($this->brief, $this->fans, $this->altitudeM, self::ROUGH_STEP_S, self::ROUGH_LOOK_STEPS, $bands, $as)->run($drive);
    }

    /**
     * How hot the coolant gets, within some tenths of a kelvin.
     *
     * @param  list<TemperatureBand|null>  $bands  by stage
     */
    public function coarselyC(array $bands, Drive $drive): float
    {
        return Simulation::of($this->brief, $this->fans, $this->altitudeM, self::COARSE_STEP_S, self::COARSE_LOOK_STEPS, $bands)->run($drive)->peakC;
    }

    /**
     * Whether a stage that has come on lets go again, in town, in a queue or on the open road, the air conditioning off; one that never comes on
     * there does.
     *
     * @param  int  $decider  its place among those that decide
     * @param  TemperatureBand  $band  set like this
     */
    public function stops(int $decider, TemperatureBand $band): bool
    {
        $bands = Simulation::bands($this->brief);
        $bands[$decider] = $band;
        $comesOn = false;
        foreach (self::STOPPING_DRIVES as $drive) {
            $isHot = false;
            foreach ($this->roughly(array_values($bands), Drives::standard()[$drive]->withoutAirConditioning())->samples as $sample) {
                $wasHot = $isHot;
                $isHot = $sample->readsC[$decider] > ($isHot ? $band->offC : $band->onC);
                $comesOn = $comesOn || $isHot;
                if ($wasHot && ! $isHot) {
                    return true;
                }
            }
        }

        return ! $comesOn;
    }

    /**
     * Until the first relay is worn, driven like this.
     *
     * @param  float  $busiestStartsPerHour  of the fan that starts most
     * @return float|null null where none switches
     */
    public function relayYears(float $busiestStartsPerHour): ?float
    {
        return $busiestStartsPerHour > 0 && is_finite($this->relayOperations)
            ? $this->relayOperations / ($busiestStartsPerHour * $this->brief->usage->hoursPerYear) : null;
    }

    /** @return float|null for how long its fans could all run with the key out and the engine would still start afterwards, s; null where none then runs */
    private function startsForS(Drive $drive, SimulationResult $result): ?float
    {
        $last = $drive->ambientsC[count($drive->ambientsC) - 1];
        $hot = array_fill(0, count($this->brief->control->deciding()), true);
        $drawnA = -$this->fans->at(false, 0.0, false, $hot, array_fill(0, count($hot), 200.0), 1.0, $result->chargeShare, $last)->batteryA;
        $usableAh = max(0.0, $result->chargeShare - Assumptions::LEAST_CHARGE_SHARE) * $this->brief->supply->batteryAh;

        return $drawnA > 1.0 ? $usableAh / $drawnA * 3600 : null;
    }

    public function sweep(): Sweep
    {
        return new Sweep($this);
    }
}
