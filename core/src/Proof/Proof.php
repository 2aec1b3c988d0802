<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Control\FanDemand;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;
use LampThread\Proof\Finding\Finding;
use LampThread\Road\StandingHeat;
use LampThread\Scenario\Limits;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Sizing\Sizing;

/** A sized design shown to behave: every reachable state, every single fault in each, and what is to be said of it. */
final readonly class Proof
{
    /**
     * @param  list<BehaviourRow>  $behaviours
     * @param  list<FaultOutcome>  $faults  worst first
     * @param  list<Finding>  $findings  worst first
     * @param  int  $pairs  of state and fault there are
     * @param  int  $solved  of them that had to be solved; the others can change nothing, or stand as another does
     * @param  PresentFaults|null  $present  null where nothing is told to be wrong
     */
    private function __construct(
        public Sizing $sizing,
        public StateSpace $space,
        public array $behaviours,
        public array $faults,
        public array $findings,
        public int $pairs,
        public int $solved,
        public ?PresentFaults $present,
    ) {}

    /**
     * @param  bool  $isQuick  without single faults
     * @param  int  $mostStates  past this states are left out, and that is said
     * @param  array<string, FaultKind>  $wrong  part or wire to what is told to be wrong with it now
     */
    public static function of(Sizing $sizing, Shelf $shelf, bool $isQuick = false, int $mostStates = StateSpace::MOST_STATES, array $wrong = []): self
    {
        $brief = $sizing->brief;
        $circuit = $sizing->circuit;
        $solver = new Solver($circuit);
        $afterRun = $brief->control->afterRun;
        $transitions = new StateTransitions($circuit, $brief->control->lockouts->engineSpeed?->rpm, $afterRun?->delayS, $afterRun?->startedBy->isByHand() ?? false);
        $space = StateSpace::of($circuit, $transitions, $solver, $mostStates);
        $limits = new Limits($circuit, $brief, $shelf);
        $demand = new FanDemand($brief, $circuit);
        $demanded = new Behaviours($brief, $circuit, $limits);
        $behaviours = self::behaviours($demanded, $space, $demand);
        $heat = StandingHeat::of($brief, OperatingEnvelope::hottestC($circuit));
        $faults = SingleFaults::of($sizing, $space, $shelf, $solver);
        $outcomes = $isQuick ? [] : SingleFaults::ordered([...$faults->outcomes(), ...(new CoolingFaults($brief, $heat))->outcomes()]);

        return new self(
            $sizing,
            $space,
            $behaviours,
            $outcomes,
            ProofFindings::of($sizing, $behaviours, $outcomes),
            $faults->pairs,
            $faults->solving->solved,
            $wrong === [] ? null : new PresentFaults(
                $wrong, self::each($wrong, $circuit, $faults), self::behaviours($demanded, self::broken($space, $circuit->broken($wrong), $faults), $demand),
            ),
        );
    }

    /** With every fuse open that what is broken has opened. */
    private static function broken(StateSpace $space, Faults $present, SingleFaults $faults): StateSpace
    {
        return $space->broken(static fn (OperatingPoint $point): OperatingPoint => $faults->solving->solved($point, $present)->final);
    }

    /**
     * @param  array<string, FaultKind>  $wrong
     * @return list<FaultOutcome>
     */
    private static function each(array $wrong, Circuit $circuit, SingleFaults $faults): array
    {
        $outcomes = [];
        foreach ($wrong as $part => $kind) {
            $fault = $circuit->part($part)?->fault($kind);
            if ($fault !== null) {
                $outcomes[] = $faults->outcome($part, $fault);
            }
        }

        return SingleFaults::ordered($outcomes);
    }

    /** @return list<BehaviourRow> */
    private static function behaviours(Behaviours $behaviours, StateSpace $space, FanDemand $demand): array
    {
        $demands = array_map(static fn (State $state): array => $demand->in($state->point->conditions), $space->states);

        return array_map(static function (Behaviour $behaviour) use ($space, $demands): BehaviourRow {
            $cells = [];
            foreach ($space->states as $state) {
                $holds = $behaviour->in($state->point, $demands[$state->number]);
                if ($holds === null) {
                    continue;
                }
                $phase = OperatingPhase::of($state->point->conditions)->value;
                $cells[$phase] ??= ['asked' => 0, 'held' => 0, 'shownBy' => $state->number, 'brokenBy' => null, 'at' => null];
                $cells[$phase]['asked']++;
                if ($holds === true) {
                    $cells[$phase]['held']++;
                } elseif ($cells[$phase]['brokenBy'] === null) {
                    $cells[$phase]['brokenBy'] = $state->number;
                    $cells[$phase]['at'] = $holds;
                }
            }

            return new BehaviourRow($behaviour, $cells);
        }, $behaviours->all());
    }
}
