<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\FanDemand;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Wire;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\SeriesChains;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;
use LampThread\Road\StandingHeat;
use LampThread\Scenario\Course;
use LampThread\Scenario\Courses;
use LampThread\Scenario\Limits;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Sizing\Sizing;

/**
 * Every part and wire broken in every way it can be, one at a time, in every state: states that nothing electrical tells apart are
 * looked at once, a fault that can change nothing there is not solved, and what is solved begins from the sound state.
 */
final class SingleFaults
{
    /** Share of its own speed below which a fan that is wanted counts as lost. */
    private const LOST_SHARE = 0.5;

    /** Pairs of state and fault that there are. */
    public int $pairs = 0;

    public readonly FaultSolving $solving;

    private readonly Damage $damage;

    private readonly PartNames $names;

    private readonly FanSight $sight;

    /** @var array<int, SeriesChains> by what stands alike */
    private array $chains = [];

    private readonly float $hottestC;

    /** @var non-empty-list<FaultFreeState> one of each that stand alike and are asked alike */
    private readonly array $sound;

    /** @var list<FaultFreeState> */
    private readonly array $every;

    /**
     * @param  bool  $overrideRuns  whether the job has an override that can run a fan
     * @param  bool  $skipsNothing  whether every pair is solved by itself, from the beginning: slow, to check the rest by
     */
    private function __construct(
        private readonly Circuit $circuit,
        private readonly StateSpace $space,
        private readonly FanDemand $demand,
        private readonly Limits $limits,
        Solver $solver,
        private readonly StandingHeat $heat,
        int $systemV,
        private readonly bool $overrideRuns,
        private readonly bool $skipsNothing,
    ) {
        $this->solving = new FaultSolving($circuit, $space, new Courses($limits, $solver), $skipsNothing);
        $this->damage = new Damage($circuit, $systemV);
        $this->names = new PartNames($circuit);
        $this->sight = new FanSight($circuit, $systemV);
        $this->hottestC = max(array_map(static fn (State $state): float => $state->point->conditions->coolantC, $space->states));
        $this->every = array_map($this->faultFree(...), $this->space->states);
        $sound = [];
        foreach ($this->every as $one) {
            $key = $one->state->alike.':'.implode(',', array_map(static fn (Demand $demand): string => $demand->name, $one->demands));
            $sound[$key] ??= $one;
        }
        $this->sound = array_values($sound);
    }

    /** @param  StateSpace  $space  sound, or with something broken already */
    public static function of(Sizing $sizing, StateSpace $space, Shelf $shelf, Solver $solver, bool $skipsNothing = false): self
    {
        $brief = $sizing->brief;

        return new self(
            $sizing->circuit,
            $space,
            new FanDemand($brief, $sizing->circuit),
            new Limits($sizing->circuit, $brief, $shelf),
            $solver,
            StandingHeat::of($brief, OperatingEnvelope::hottestC($sizing->circuit)),
            $brief->supply->systemV,
            $brief->control->canBeOverridden(),
            $skipsNothing,
        );
    }

    /** @return list<FaultOutcome> worst first */
    public function outcomes(): array
    {
        $outcomes = [];
        foreach ($this->circuit->faults() as $part => $faults) {
            $joints = [];
            foreach ($faults as $fault) {
                $outcome = $this->outcome($part, $fault);
                if (! $fault->isJoint()) {
                    $outcomes[] = $outcome;
                } else {
                    $joints[] = $outcome;
                }
                $this->pairs += count($this->space->states);
            }
            if ($joints !== []) {
                // A joint fails by and by: what it does at its worst stands for it.
                $outcomes[] = self::ordered($joints)[0];
            }
        }

        return self::ordered($outcomes);
    }

    /**
     * @param  list<FaultOutcome>  $outcomes
     * @return list<FaultOutcome> worst first
     */
    public static function ordered(array $outcomes): array
    {
        usort($outcomes, static fn (FaultOutcome $a, FaultOutcome $b): int => [
            $a->harm->rank(), $a->airShare, -$a->drainA, -($a->figure->value->value ?? 0.0),
        ] <=> [
            $b->harm->rank(), $b->airShare, -$b->drainA, -($b->figure->value->value ?? 0.0),
        ]);

        return $outcomes;
    }

    /** What one fault does over all states. */
    public function outcome(string $part, Fault $fault): FaultOutcome
    {
        $tally = new FaultTally($part, $this->names->place($part), $this->names->mark($part), $this->names->name($part), $fault, $this->overrideRuns);
        if ($fault->isOfRating()) {
            (new WrongFuse($this->circuit, $this->limits, $this->solving, $this->names))->tally($part, $fault, $this->sound, $tally);

            return $tally->outcome($this->heat);
        }
        // A drifted sensor tells states apart by their temperature alone.
        foreach ($fault->driftK() !== 0.0 || $this->skipsNothing ? $this->every : $this->sound as $sound) {
            $point = $sound->state->point;
            if (! $fault->canHappen($point->conditions)) {
                continue;
            }
            if ($this->solving->changesNothing($part, $fault, $point)) {
                $tally->unchanged($sound);

                continue;
            }
            $this->look($part, $fault, $sound, $tally);
        }

        return $tally->outcome($this->heat);
    }

    private function faultFree(State $state): FaultFreeState
    {
        $demands = $this->demand->in($state->point->conditions);
        $this->chains[$state->alike] ??= SeriesChains::of($state->point);

        return new FaultFreeState(
            $state,
            $demands,
            $this->sight->airM3h($state->point, $demands),
            $this->chains[$state->alike],
            $state->point->conditions->coolantC >= $this->hottestC,
        );
    }

    private function look(string $part, Fault $fault, FaultFreeState $sound, FaultTally $tally): void
    {
        $before = $sound->state->point;
        $result = $this->solving->result($part, $fault, $sound);
        $final = $result->final;
        $tally->changed();
        $damage = $this->damage->done($result->atOnce, $before, $fault->lastsS());
        if ($damage !== null) {
            $tally->damages($sound, $damage);
        }
        $this->currents($part, $fault, $result, $sound, $tally);
        $isOfSupply = $fault->isToldByVehicle();
        if ($isOfSupply) {
            $tally->supplyAt($final->voltages->at(Rail::SUPPLY), $fault->lastsS());
        }
        $this->air($sound, $final, $tally, $isOfSupply);
        $drainA = $before->currentA(Battery::ID) - $final->currentA(Battery::ID);
        if ($before->conditions->key === Key::Off && $drainA > Harm::DRAIN_A) {
            $tally->drains($sound, $drainA);
        }
        if ($isOfSupply && is_infinite($fault->lastsS())) {
            $tally->isShown();
            if ($before->conditions->engineRpm > 0 && $final->currentA(Battery::ID) < 0 && $drainA > 0) {
                $tally->discharges($sound, -$final->currentA(Battery::ID));
            }
        }
        if ($final->chattering !== []) {
            $tally->chatters($sound, $this->names->mark($final->chattering[0]));
        }
        if ($this->sight->isLit($final) !== $this->sight->isLit($before)) {
            $this->sight->isFed($final) === $this->sight->isFed($before) ? $tally->misleads() : $tally->isShown();
        }
        if ($fault->bringsStarterCurrent()) {
            $tally->starterCurrent(max(0.0, ...array_map(static fn (Wire $wire): float => abs($final->currentA($wire->id)), $this->circuit->wires)));
        }
    }

    private function currents(string $part, Fault $fault, Course $result, FaultFreeState $sound, FaultTally $tally): void
    {
        $before = $sound->state->point;
        $opens = $result->firstOpened();
        if ($opens !== null) {
            $tally->opens($this->names->mark($opens[0]), $opens[1]);
        } elseif (is_infinite($fault->lastsS())) {
            $overloaded = $this->limits->overloadedFuse($result->final);
            if ($overloaded !== null && $overloaded !== $this->limits->overloadedFuse($before)) {
                $tally->opens($this->names->mark($overloaded), INF);
            }
        }
        if ($result->burnsWithin !== null) {
            $tally->burnsWithin($sound, $this->names->mark($result->burnsWithin[0]), $result->burnsWithin[1], $result->burnsWithin[2]);
        }
        if (is_finite($fault->lastsS())) {
            $burns = $this->limits->burnsWithin($fault->lastsS(), $result->final, $before);
            if ($burns !== null) {
                $tally->burnsWithin($sound, $this->names->mark($burns[0]), $burns[1], $fault->lastsS());
            }

            return;
        }
        $burns = $this->limits->burns($result->final, $before);
        if ($burns !== null) {
            $tally->burns($sound, $this->names->mark($burns[0]), $burns[1]);
        }
        $jointOhm = $fault->jointOhm();
        if ($jointOhm !== null) {
            $tally->heats($sound, $this->solving->jointA($part, $result->atOnce) ** 2 * $jointOhm);
        }
    }

    /** @param  bool  $isOfSupply  whether all the vehicle feels it: that fans are a little slower is then the least of it */
    private function air(FaultFreeState $sound, OperatingPoint $final, FaultTally $tally, bool $isOfSupply): void
    {
        $leftM3h = $this->sight->airM3h($final, $sound->demands);
        $share = $sound->airM3h > 0 ? $leftM3h / $sound->airM3h : 1.0;
        foreach ($this->sight->motors as $motor) {
            $demand = $sound->demands[$motor->id] ?? Demand::Rest;
            $ran = FanSight::flowShare($motor, $sound->state->point);
            $runs = FanSight::flowShare($motor, $final);
            if ($demand->runs() && $ran > 0 && $runs < self::LOST_SHARE * $ran && ! $isOfSupply) {
                $tally->loses($sound, $demand, $share, $share < Harm::STRANDED_SHARE);
            } elseif ($demand->runs() && $share < Harm::SAME_SHARE && ! $isOfSupply) {
                $tally->loses($sound, $demand, $share, false);
            } elseif ($demand->runs() && $runs > 0) {
                $tally->keeps($demand);
            } elseif ($demand->rests() && $ran === 0.0 && $final->position($motor->id) === FanMotor::TURNING) {
                $tally->runsOn($sound);
            }
        }
    }
}
