<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Fault\Fault;
use LampThread\Operation\OperatingPoint;
use LampThread\Scenario\Course;
use LampThread\Scenario\Courses;
use LampThread\Scenario\FaultsWithoutEffect;

/**
 * Solves faults in states. What can change nothing is not solved, and what stands as another does is solved once.
 *
 * @internal
 */
final class FaultSolving
{
    /** Pairs of state and fault that were solved. */
    public int $solved = 0;

    private readonly FaultsWithoutEffect $withoutEffect;

    /** @var array<string, Course> state, fault and chain to what came of it */
    private array $ofChains = [];

    /** @var array<string, string> wire to the terminal it ends at */
    private readonly array $ends;

    /** @var array<string, bool> part to whether it is at most one element of its own name in every state */
    private array $isOneElement = [];

    /** @param  bool  $skipsNothing  whether every pair is solved by itself: slow, to check the rest by */
    public function __construct(
        private readonly Circuit $circuit,
        StateSpace $space,
        private readonly Courses $courses,
        private readonly bool $skipsNothing,
    ) {
        $this->withoutEffect = new FaultsWithoutEffect($circuit);
        $this->ends = array_column($circuit->wires, 'to', 'id');
        foreach ($space->distinct() as $state) {
            foreach ($state->point->elementsByPart() as $part => $elements) {
                $isOwn = count($elements) === 1 && $elements[0]->name() === $part;
                $this->isOneElement[$part] = ($this->isOneElement[$part] ?? true) && ($isOwn || $elements === []);
            }
        }
    }

    /** Whether a fault is known to change nothing in a state. */
    public function changesNothing(string $part, Fault $fault, OperatingPoint $point): bool
    {
        return ! $this->skipsNothing && $this->withoutEffect->includes($part, $fault, $point);
    }

    /** What comes of a fault in a state. Of a chain, and of wires that end together, one is solved for all. */
    public function result(string $part, Fault $fault, FaultFreeState $sound): Course
    {
        if ($this->skipsNothing) {
            return $this->solved($sound->state->point, $sound->state->point->conditions->faults->and($part, $fault), $fault->lastsS());
        }
        $place = match (true) {
            $fault->isJoint() => $sound->chains->chain($this->jointsOf($part, $sound->state->point)[0] ?? $part),
            $fault->kind === FaultKind::Open && ($this->isOneElement[$part] ?? false) => $sound->chains->chain($part),
            $fault->kind === FaultKind::Chafed => $this->ends[$part],
            default => $part,
        };

        return $this->ofChains["{$sound->state->alike}:{$fault->kind->value}:{$place}"] ??= $this->solved(
            $sound->state->point, $sound->state->point->conditions->faults->and($part, $fault), $fault->lastsS(),
        );
    }

    /** @param  float  $lastsS  how long the fault lasts, s */
    public function solved(OperatingPoint $before, Faults $faults, float $lastsS = INF): Course
    {
        $course = $this->courses->of($before, $faults, $lastsS);
        $this->solved += 1 + count($course->opened);

        return $course;
    }

    /** Current through what a bad joint of a part is in, A. */
    public function jointA(string $part, OperatingPoint $point): float
    {
        $mostA = 0.0;
        foreach ($this->jointsOf($part, $point) as $element) {
            $mostA = max($mostA, abs($point->currentA($element)));
        }

        return $mostA;
    }

    /** @return list<string> elements */
    private function jointsOf(string $part, OperatingPoint $point): array
    {
        $breakable = $this->circuit->part($part);
        $elements = [];
        foreach ($point->elementsByPart()[$part] ?? [] as $element) {
            if (in_array($element->name(), $breakable?->jointElements() ?? [], true)) {
                $elements[] = $element->name();
            }
        }

        return $elements;
    }
}
