<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Brief\OverrideKind;
use LampThread\Electrics\Solver;
use LampThread\Shelf\Shelf;
use LampThread\Sizing\Ampacity;
use LampThread\Sizing\Sizing;
use LampThread\Sizing\WireSizing;

/** A sized design shown to behave: every reachable state, every single fault in each, and what is to be said of it. */
final readonly class Proof
{
    /**
     * @param  list<BehaviourRow>  $behaviours
     * @param  list<FaultOutcome>  $faults  worst first
     * @param  list<Finding>  $findings  worst first
     * @param  int  $pairs  of state and fault there are
     * @param  int  $solved  of them that had to be solved; the others can change nothing, or stand as another does
     */
    private function __construct(
        public Sizing $sizing,
        public StateSpace $space,
        public array $behaviours,
        public array $faults,
        public array $findings,
        public int $pairs,
        public int $solved,
    ) {}

    /**
     * @param  bool  $isQuick  without single faults
     * @param  int  $mostStates  past this states are left out, and that is said
     */
    public static function of(Sizing $sizing, Shelf $shelf, bool $isQuick = false, int $mostStates = StateSpace::MOST_STATES): self
    {
        $brief = $sizing->brief;
        $circuit = $sizing->circuit;
        $solver = new Solver($circuit);
        $afterRun = $brief->control->afterRun;
        $moves = new Moves($circuit, $brief->control->lockouts->aboveRpm, $afterRun?->delayS, $afterRun->isPush ?? false);
        $space = StateSpace::of($circuit, $moves, $solver, $mostStates);
        $limits = new Limits($circuit, new WireSizing($shelf, new Ampacity($shelf->ampacityRows), $brief), $shelf->gates['blade']);
        $wants = new Wants($brief, $circuit);
        $behaviours = self::behaviours(new Behaviours($brief, $circuit, $limits), $space, $wants);
        $override = $brief->control->override;
        $canRun = $override !== null && $override->kind !== OverrideKind::CutOut;
        $faults = new SingleFaults($circuit, $space, $wants, $limits, $solver, $canRun);
        $outcomes = $isQuick ? [] : $faults->outcomes();

        return new self(
            $sizing,
            $space,
            $behaviours,
            $outcomes,
            ProofFindings::of($sizing, $behaviours, $outcomes),
            $faults->pairs,
            $faults->solved,
        );
    }

    /** @return list<BehaviourRow> */
    private static function behaviours(Behaviours $behaviours, StateSpace $space, Wants $wants): array
    {
        $wanted = array_map(static fn (State $state): array => $wants->in($state->point->setting), $space->states);

        return array_map(static function (Behaviour $behaviour) use ($space, $wanted): BehaviourRow {
            $cells = [];
            foreach ($space->states as $state) {
                $holds = $behaviour->in($state->point, $wanted[$state->number]);
                if ($holds === null) {
                    continue;
                }
                $phase = Phase::of($state->point->setting)->value;
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
