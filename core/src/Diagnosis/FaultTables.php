<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Breakable;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Protective;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Fault\Fault;
use LampThread\Observation\Appearance;
use LampThread\Observation\Tolerance;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Parts\Shelf;
use LampThread\Scenario\Courses;
use LampThread\Scenario\FaultsWithoutEffect;
use LampThread\Scenario\Limits;
use LampThread\Sizing\Sizing;

/** Makes the fault table of one circuit: every cause solved in every situation, with the fuses open that it opens. */
final class FaultTables
{
    /** A joint that begins to fail, to one that all but has, Ω: each stands for all halfway to its neighbours. */
    private const JOINT_OHMS = [0.06, 0.15, 0.4, 1.0, 2.5, 8.0, 40.0];

    /** What loses less of what flows while all is sound, V, nobody tells of; what would lose more is as good as open. */
    private const TELLS_V = 0.05;

    private const AS_OPEN_V = 200.0;

    private readonly Circuit $circuit;

    private readonly Situations $situations;

    private readonly OutsideCauses $outside;

    private readonly bool $hasAirConditioning;

    private readonly Solver $solver;

    private readonly Courses $courses;

    private readonly FaultsWithoutEffect $withoutEffect;

    /** @var array<string, OperatingPoint> sound, by situation */
    private readonly array $sound;

    private readonly TestSet $tests;

    private readonly Behaviour $soundBehaviour;

    private function __construct(Sizing $sizing, Shelf $shelf, private readonly FailureRates $rates)
    {
        $this->circuit = $sizing->circuit;
        $this->outside = OutsideCauses::of($sizing->brief);
        $this->hasAirConditioning = $sizing->brief->control->airConditioning !== null;
        $this->situations = new Situations($this->circuit);
        $this->solver = new Solver($this->circuit);
        $this->courses = new Courses(new Limits($this->circuit, $sizing->brief, $shelf), $this->solver);
        $this->withoutEffect = new FaultsWithoutEffect($this->circuit);
        $this->sound = array_map(fn (Situation $situation): OperatingPoint => $this->solver->settle($situation->conditions), $this->situations->all);
        $this->tests = new TestSet($this->circuit, $this->situations, $this->sound, $rates, $this->outside->tests);
        $this->soundBehaviour = new Behaviour($this->situations, array_map(static fn (OperatingPoint $point): Appearance => Appearance::of($point), $this->sound), []);
    }

    public static function of(Sizing $sizing, Shelf $shelf, FailureRates $rates): FaultTable
    {
        return (new self($sizing, $shelf, $rates))->made();
    }

    private function made(): FaultTable
    {
        $rows = new FaultRows($this->tests, $this->soundBehaviour);
        $rows->add(new Solution(new Cause(OutsideCauses::SOUND_WEIGHT, []), $this->sound, $this->soundBehaviour, []));
        $silent = [];
        foreach ($this->circuit->breakable() as $id => $part) {
            // What lasts only for moments is over when the vehicle comes; joints are added at every size.
            $lasting = static fn (Fault $fault): bool => is_infinite($fault->lastsS()) && ! $fault->isJoint();
            $faults = array_filter($part->faults(), $lasting);
            foreach ([...$faults, ...$part->finerFaults()] as $fault) {
                // A blown fuse stays blown, and what a hand has done stays done.
                $cause = new Cause($this->rates->weight($id, $fault->kind), [$id => $fault], comesAndGoes: ! $fault->isByHand() && ! $part instanceof Protective);
                $isSilent = $this->addSolved($cause, $rows);
                // Two faults of which the first hides are of parts that act: a wire is found by the other's test.
                if ($isSilent && isset($this->circuit->components[$id]) && ! $fault->isByHand() && in_array($fault, $faults, true)) {
                    $silent[] = $cause;
                }
            }
            $this->addJoints($id, $part, $rows);
        }
        $this->addPairs($silent, $rows);
        foreach ([...$this->outside->causes, ...$this->builtSo()] as $cause) {
            $points = $this->sound;
            foreach ($cause->isFelt ? [] : $this->situations->all as $id => $situation) {
                if ($situation->isHeat && isset($points[Situations::COLD]) && $id !== Situations::STOPPED_HOT) {
                    $points[$id] = $this->solver->settle(new OperatingConditions($situation->conditions->key, $situation->conditions->engineRpm));
                }
            }
            $behaviour = new Behaviour($this->situations, array_map(static fn (OperatingPoint $point): Appearance => Appearance::of($point), $points), []);
            $rows->addOutside($cause, new Solution(new Cause($cause->weight, [], $cause->id, isBuiltSo: $cause->isBuiltSo), $points, $behaviour, []));
        }

        return $rows->table($this->situations, abs($this->sound[Situations::COLD]->voltages->at(Rail::SUPPLY)), $this->spreads());
    }

    /** @return list<OutsideCause> what people complain of and the circuit was built to do */
    private function builtSo(): array
    {
        $keyOut = array_filter($this->situations->all, static fn (Situation $situation): bool => $situation->conditions->key === Key::Off);
        $runs = $this->soundBehaviour->runsAnyAt(array_keys($keyOut)) || $this->circuit->each(DelayRelay::class) !== [];
        $asksNothing = $this->hasAirConditioning && $this->circuit->requests(true) === [];

        return [
            ...($runs ? [new OutsideCause('built-to-run-on', OutsideCauses::BUILT_SO_WEIGHT, true, [Symptom::RunsKeyOut, Symptom::BatteryFlat], [], isBuiltSo: true)] : []),
            ...($asksNothing ? [new OutsideCause('nothing-asks', OutsideCauses::BUILT_SO_WEIGHT, true, [Symptom::WarmAirConditioning], [], isBuiltSo: true)] : []),
        ];
    }

    /** @return array<string, array{float, float}> column of a number to how far a sound vehicle’s may be off, as the test plan has it: spread, and to either side */
    private function spreads(): array
    {
        $spreads = [];
        foreach ($this->tests->measurements as $situation => $measurements) {
            $tolerance = new Tolerance($this->sound[$situation]);
            foreach ($measurements as $column => $measurement) {
                $spreads[$column] = [$tolerance->spread($measurement), $tolerance->half($measurement)];
            }
        }

        return $spreads;
    }

    private function addJoints(string $id, Breakable $part, FaultRows $rows): void
    {
        $sizes = [];
        $carriesA = [];
        $solved = [];
        foreach (self::JOINT_OHMS as $ohm) {
            foreach ($part->badJoints($ohm) as $at => $fault) {
                $lostV = $ohm * ($carriesA[$at] ??= $this->mostA($id, $fault));
                if ($lostV > self::TELLS_V && $lostV < self::AS_OPEN_V) {
                    $sizes[$at][] = $fault;
                }
            }
        }
        foreach ($sizes as $faults) {
            $alike = array_count_values(array_map(static fn (Fault $fault): string => $fault->kind->value, $faults));
            $joints = new JointRows($this->tests);
            foreach ($faults as $fault) {
                $weight = $this->rates->weight($id, $fault->kind) / $alike[$fault->kind->value] / count($sizes);
                $cause = new Cause($weight, [$id => $fault], comesAndGoes: true);
                // A burnt contact and one of the socket differ only in the hand.
                $solved[$fault->key()] = $solution = isset($solved[$fault->key()]) ? $solved[$fault->key()]->of($cause) : $this->solution($cause);
                $joints->add($solution);
            }
            $joints->addTo($rows);
        }
    }

    /** The most that flows through what a fault is in, while all is sound, A. */
    private function mostA(string $id, Fault $fault): float
    {
        $mostA = 0.0;
        foreach ($this->sound as $point) {
            foreach ($point->elementsByPart()[$id] ?? [] as $element) {
                $mostA = $fault->isIn($element->name()) ? max($mostA, abs($point->currentA($element->name()))) : $mostA;
            }
        }

        return $mostA;
    }

    /** @param  list<Cause>  $silent */
    private function addPairs(array $silent, FaultRows $rows): void
    {
        foreach ($silent as $at => $first) {
            foreach (array_slice($silent, $at + 1) as $second) {
                if (array_intersect_key($first->faults, $second->faults) === []) {
                    $this->addSolved(new Cause(FailureRates::ofPair($first->weight, $second->weight), [...$first->faults, ...$second->faults]), $rows, isPair: true);
                }
            }
        }
    }

    /** @return bool whether nobody would tell of it */
    private function addSolved(Cause $cause, FaultRows $rows, bool $isPair = false): bool
    {
        $solution = $this->solution($cause);
        $isSilent = ! $rows->isTold($solution->behaviour);
        if (! $isPair || ! $isSilent) {
            $rows->add($solution);
        }

        return $isSilent;
    }

    private function solution(Cause $cause): Solution
    {
        [$points, $opened] = $this->solved($cause);
        $appearances = [];
        foreach ($points as $id => $point) {
            $appearances[$id] = Appearance::of($point, $this->jointW($cause, $point));
        }

        return new Solution($cause->withOpened(array_keys($opened)), $points, new Behaviour($this->situations, $appearances, array_keys($opened)), $opened);
    }

    /** @return array{array<string, OperatingPoint>, array<string, float>} by situation, as the vehicle comes; and fuse to the soonest it opens, s */
    private function solved(Cause $cause): array
    {
        $points = [];
        $opened = [];
        foreach ($this->situations->all as $id => $situation) {
            $faults = $situation->felt($cause->faults);
            $points[$id] = $this->sound[$id];
            if ($this->isFelt($faults, $this->sound[$id])) {
                $course = $this->courses->of($this->sound[$id], $faults);
                $points[$id] = $course->final;
                foreach ($course->opened as $fuse => $withinS) {
                    $opened[$fuse] = min($opened[$fuse] ?? INF, $withinS);
                }
            }
        }
        // It comes to the workshop with its fuse blown, whatever blew it.
        $come = $cause->withOpened(array_keys($opened));
        foreach ($opened === [] ? [] : $this->situations->all as $id => $situation) {
            $faults = $come->feltIn($situation);
            $sound = $this->sound[$id];
            $points[$id] = $this->isFelt($faults, $sound) ? $this->solver->breakIn($sound, $sound->conditions->withFaults($faults)) : $sound;
        }

        return [$points, $opened];
    }

    private function isFelt(Faults $faults, OperatingPoint $sound): bool
    {
        foreach ($faults->parts() as $part) {
            $fault = $faults->fault($part);
            $canHappen = $fault !== null && $fault->canHappen($sound->conditions);
            if ($canHappen && ($fault->takesVoltsAway() || ! $fault->clicks() || ! $this->withoutEffect->includes($part, $fault, $sound))) {
                return true;
            }
        }

        return false;
    }

    /** Heat in a bad joint, W. */
    private function jointW(Cause $cause, OperatingPoint $point): float
    {
        $mostW = 0.0;
        foreach ($cause->faults as $part => $fault) {
            foreach (! $fault->isJoint() ? [] : $point->elementsByPart()[$part] ?? [] as $element) {
                if ($fault->isIn($element->name())) {
                    $mostW = max($mostW, $fault->jointOhm() * $point->currentA($element->name()) ** 2);
                }
            }
        }

        return $mostW;
    }
}
