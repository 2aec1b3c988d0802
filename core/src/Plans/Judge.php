<?php

declare(strict_types=1);

namespace LampThread\Plans;

use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Wire;
use LampThread\Handover\TestPlan;
use LampThread\Handover\WorkPlan;
use LampThread\Handover\WorkStep;
use LampThread\Loom\Loom;
use LampThread\Loom\PartRow;
use LampThread\Parts\Shelf;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Proof\Findings;
use LampThread\Proof\Proof;
use LampThread\Road\Drives;
use LampThread\Road\Simulation;
use LampThread\Road\SimulationResult;
use LampThread\Road\Uncertain;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;

/** Judges one sized plan: what it costs, how it drives, what its single faults do. */
final readonly class Judge
{
    /** A relay that never switches is worn by nothing; one that lasts longer counts as that, years. */
    private const MOST_YEARS = 100.0;

    /** How the band of a plan is driven: a tenth worse and better in all that nobody is sure of (common practice, no source). */
    private const WORSE = [1.08, 0.9, 0.92, 0.92, 0.95, 1.08, 2.0, 2.0];

    private const BETTER = [0.92, 1.1, 1.08, 1.08, 1.05, 0.92, -2.0, -2.0];

    private Vehicle $vehicle;

    public function __construct(private Sizing $sizing, private Shelf $shelf, private Question $question)
    {
        $this->vehicle = Vehicle::of($sizing);
    }

    /**
     * What is known once it is sized; the rest is the least it can be.
     *
     * @param  float  $unpriced  what is usually paid for what the shelf has no price for
     */
    public function sized(float $unpriced): Figures
    {
        $sizing = $this->sizing;
        $cost = array_sum(array_map(static fn (PartRow $row): float => $row->quantity * ($row->price ?? 0.0), Loom::of($sizing, $this->shelf)->parts));
        $minutes = array_sum(array_map(static fn (WorkStep $step): float => $step->minutes, (new WorkPlan($sizing, new TestPlan($sizing)))->steps()));

        return new Figures([
            Criterion::PeakC->value => $sizing->brief->cooling->thermostatOpensC,
            Criterion::Strands->value => 0.0,
            Criterion::Unnoticed->value => 0.0,
            Criterion::Cost->value => $cost + $unpriced,
            Criterion::Hours->value => $minutes / 60,
            Criterion::Wires->value => (float) count(array_filter($sizing->circuit->wires, static fn (Wire $wire): bool => $wire->segment->given === null)),
            Criterion::ChargeUsed->value => 0.0,
            Criterion::RelayWear->value => 0.0,
            Criterion::DrawA->value => array_sum(array_map(static fn ($fan): float => $fan->runA, $sizing->brief->fans)),
            Criterion::Cuts->value => (float) Cuts::of($sizing),
            Criterion::Missed->value => (float) count($this->question->missedBy($sizing)),
            Criterion::Warnings->value => (float) count(array_filter(
                self::findingsOf(Findings::of($sizing), Severity::Warning), fn (Finding $finding): bool => ! $this->question->wantsWhat($finding->code),
            )),
        ]);
    }

    /**
     * @param  list<TemperatureBand|null>|null  $bands  by decider; those of its brief where there are none
     * @return array<string, float> what the drives that match the complaint come to
     */
    public function driven(?array $bands = null): array
    {
        $peakC = -INF;
        $chargeShare = 1.0;
        $wear = 0.0;
        foreach ($this->results(new Uncertain, $bands) as $result) {
            $peakC = max($peakC, $result->peakC);
            $chargeShare = min($chargeShare, $result->chargeShare);
            $years = $this->vehicle->relayYears($result->busiestStartsPerHour());
            $wear = max($wear, $years === null ? 0.0 : 100.0 / min(self::MOST_YEARS, max(0.1, $years)));
        }

        return [Criterion::PeakC->value => $peakC, Criterion::ChargeUsed->value => 1 - $chargeShare, Criterion::RelayWear->value => $wear];
    }

    /** @return array{float, float} hottest coolant where all that is unsure turns out better, and worse, °C */
    public function bandC(): array
    {
        $peak = fn (Uncertain $as): float => max(array_map(static fn (SimulationResult $result): float => $result->peakC, $this->results($as)));

        return [$peak(new Uncertain(...self::BETTER)), $peak(new Uncertain(...self::WORSE))];
    }

    /** @return list<Finding> dangers that only every state and every fault show: asked of a plan that is chosen */
    public function provenDangers(): array
    {
        return self::findingsOf(Proof::of($this->sizing, $this->shelf)->findings, Severity::Danger);
    }

    /** @return list<Finding> dangers of the sizes alone: what has one is not judged further */
    public function dangers(): array
    {
        return self::findingsOf(Findings::of($this->sizing), Severity::Danger);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private static function findingsOf(array $findings, Severity $severity): array
    {
        return array_values(array_filter($findings, static fn (Finding $finding): bool => $finding->severity === $severity && $finding->accepted === null));
    }

    /**
     * @param  list<TemperatureBand|null>|null  $bands
     * @return non-empty-list<SimulationResult>
     */
    private function results(Uncertain $as, ?array $bands = null): array
    {
        $bands ??= Simulation::bands($this->sizing->brief);

        return array_map(
            fn (string $drive): SimulationResult => $this->vehicle->roughly($bands, Drives::standard()[$drive], $as)->withoutSamples(),
            Complaint::drivesOf($this->question->complaints),
        );
    }
}
