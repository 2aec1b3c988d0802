<?php

declare(strict_types=1);

namespace LampThread\Tests\Diagnosis;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\TestLead;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Fault\Open;
use LampThread\Diagnosis\Behaviour;
use LampThread\Diagnosis\Cause;
use LampThread\Diagnosis\FailureRates;
use LampThread\Diagnosis\FaultTable;
use LampThread\Diagnosis\OutsideCauses;
use LampThread\Diagnosis\Situation;
use LampThread\Diagnosis\Situations;
use LampThread\Diagnosis\Symptom;
use LampThread\Diagnosis\Test;
use LampThread\Diagnosis\TestKind;
use LampThread\Diagnosis\TestSet;
use LampThread\Observation\Appearance;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Scenario\Courses;
use LampThread\Scenario\Limits;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Orchard;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A vehicle that is not quite the one the job tells of: every joint, every fan and its battery a little other, with what is wrong with it, and a
 * person who reads its instruments. The same seed is the same vehicle. Spreads are common practice, no source.
 */
final class OddVehicle
{
    /** Standard deviation of what a fan draws over what it was told to. */
    private const FAN_SHARE = 0.06;

    /** Contacts of plugs, sockets, holders and studs, Ω; crimps on a wire have a quarter of it. */
    private const LEAST_JOINT_OHM = 0.002;

    private const MOST_JOINT_OHM = 0.02;

    private const CRIMP_SHARE = 0.25;

    private readonly Circuit $circuit;

    private readonly Situations $situations;

    private readonly TestSet $tests;

    private readonly Randomizer $random;

    /** @var array<string, float> */
    private array $jointOhms = [];

    /** @var array<string, float> */
    private array $draws = [];

    private readonly float $chargeShare;

    /** @var array<string, array<string, OperatingPoint>> by whether the fault is there, and situation */
    private array $points = [];

    /** @var array<string, float> fuse to when it opens, s */
    private array $opened = [];

    /**
     * @param  array<string, Fault>  $faults  part to how it has failed
     * @param  array<string, float>  $joints  part to what its joint has more than it should, Ω
     */
    public function __construct(private readonly Sizing $sizing, private readonly FaultTable $table, int $seed, private readonly array $faults, private readonly array $joints = [])
    {
        $this->circuit = $sizing->circuit;
        $this->random = new Randomizer(new Mt19937($seed));
        $this->situations = new Situations($this->circuit);
        foreach (array_keys($this->circuit->faults()) as $part) {
            $ofKind = isset($this->circuit->components[$part]) ? 1.0 : self::CRIMP_SHARE;
            $this->jointOhms[$part] = $ofKind * self::LEAST_JOINT_OHM * (self::MOST_JOINT_OHM / self::LEAST_JOINT_OHM) ** $this->share();
        }
        foreach ($this->circuit->each(FanMotor::class) as $motor) {
            $this->draws[$motor->id] = 1 + self::FAN_SHARE * $this->normal();
        }
        $this->chargeShare = 1 - 0.25 * $this->share();
        $sound = array_map(fn (Situation $situation): OperatingPoint => (new Solver($this->circuit))->settle($situation->conditions), $this->situations->all);
        $this->tests = new TestSet($this->circuit, $this->situations, $sound, new FailureRates($this->circuit), OutsideCauses::of($sizing->brief)->tests);
        $this->settle();
    }

    private function settle(): void
    {
        $solver = new Solver($this->circuit);
        $courses = new Courses(new Limits($this->circuit, $this->sizing->brief, Orchard::shelf()), $solver);
        foreach ($this->situations->all as $id => $situation) {
            $this->points['sound'][$id] = $solver->settle($situation->conditions->withFaults($this->with([], []))->withCharge($this->chargeShare));
            $course = $courses->of($this->points['sound'][$id], $this->withFelt($situation, []));
            foreach ($course->opened as $fuse => $withinS) {
                $this->opened[$fuse] = min($this->opened[$fuse] ?? INF, $withinS);
            }
        }
        foreach ($this->situations->all as $id => $situation) {
            $sound = $this->points['sound'][$id];
            $this->points['failed'][$id] = $solver->settle($sound->conditions->withFaults($this->withFelt($situation, array_keys($this->opened))));
        }
    }

    /** @param  list<string>  $opened */
    private function withFelt(Situation $situation, array $opened): Faults
    {
        $felt = $situation->felt($this->faults);
        $byId = array_fill_keys($opened, new Open);
        foreach ($felt->parts() as $part) {
            $fault = $felt->fault($part);
            $byId += $fault === null || ! $fault->canHappen($situation->conditions) ? [] : [$part => $fault];
        }

        return $this->with($byId, $this->joints);
    }

    /**
     * @param  array<string, Fault>  $byId
     * @param  array<string, float>  $more
     */
    private function with(array $byId, array $more): Faults
    {
        $ohms = $this->jointOhms;
        foreach ($more as $part => $ohm) {
            $ohms[$part] += $ohm;
        }

        return new Faults($byId, $ohms, $this->draws);
    }

    /** Whether it has blown a fuse. */
    public function opensAny(): bool
    {
        return $this->opened !== [];
    }

    /** @return list<Symptom> what its driver tells of */
    public function shows(): array
    {
        $sound = $this->behaviour('sound');
        $failed = $this->behaviour('failed');

        return array_values(array_filter(Symptom::cases(), static fn (Symptom $symptom): bool => $symptom->isShownBy($failed, $sound)));
    }

    private function behaviour(string $which): Behaviour
    {
        $appearances = array_map(static fn (OperatingPoint $point): Appearance => Appearance::of($point), $this->points[$which]);

        return new Behaviour($this->situations, $appearances, $which === 'sound' ? [] : array_keys($this->opened));
    }

    /** What a person reads at a test; null where the test shows what it has no answer for. */
    public function reads(Test $test, bool $isThere = true): ?float
    {
        $points = $this->points[$isThere ? 'failed' : 'sound'];
        if ($test->kind->isNumber()) {
            $value = $this->tests->numbers($points)[$test->id()];
            $error = $test->kind === TestKind::Clamp ? 0.15 + 0.01 * abs($value) : 0.01 + 0.0025 * abs($value);

            return round($value + $error * $this->normal(), $test->kind === TestKind::Clamp ? 1 : 2);
        }
        if ($test->kind === TestKind::Lamp) {
            $lamp = new Solver($this->circuit->with(TestLead::lamp($test->spot, Rail::EARTH, $this->sizing->brief->supply->systemV)));

            return (float) $this->table->lampLook($lamp->settle($points[(string) $test->situation]->conditions)->voltages->at($test->spot));
        }
        $cause = new Cause(1.0, $isThere ? $this->faults : []);
        $seen = $this->tests->seen($cause, $points, $this->behaviour($isThere ? 'failed' : 'sound'), $isThere ? $this->opened : [], [])[$test->id()];
        $place = array_search($seen, $test->answers, true);

        return $place === false ? null : (float) $place;
    }

    /** 0 to 1. */
    public function share(): float
    {
        return $this->random->getInt(0, 1_000_000) / 1e6;
    }

    private function normal(): float
    {
        return sqrt(-2 * log($this->random->getInt(1, 1_000_000) / 1e6)) * cos(2 * M_PI * $this->share());
    }
}
