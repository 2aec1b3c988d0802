<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Assumptions;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\SpareOutlet;
use LampThread\Circuit\Component\StatefulComponent;
use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;

/** What a circuit carries over everything the key, the engine, the coolant and the hand can do. */
final readonly class OperatingEnvelope
{
    /** Below this a fan is not fed, A. */
    private const IDLE_A = 0.01;

    /** @param  non-empty-list<OperatingPoint>  $points */
    private function __construct(public array $points) {}

    /** @param  bool  $starting  whether every fan stands yet, as in the moment it is switched on */
    public static function of(Circuit $circuit, bool $starting = false): self
    {
        $solver = new Solver($circuit);
        $jammed = $starting ? array_map(static fn (FanMotor $motor): string => $motor->id, $circuit->each(FanMotor::class)) : [];

        $conditions = self::conditions($circuit, $jammed);
        $points = array_map($solver->settle(...), $conditions);

        return new self([...$points, ...self::asThoughClosed($circuit, $solver, $conditions, $points)]);
    }

    /**
     * A fan that runs in no state is wired as though it did: whatever never works is held as if it had.
     *
     * @param  list<OperatingConditions>  $conditions
     * @param  non-empty-list<OperatingPoint>  $points
     * @return list<OperatingPoint>
     */
    private static function asThoughClosed(Circuit $circuit, Solver $solver, array $conditions, array $points): array
    {
        $found = new self($points);
        $isIdle = static fn (FanMotor $motor): bool => $found->greatestA($motor->id) < self::IDLE_A;
        if (array_filter($circuit->each(FanMotor::class), $isIdle) === []) {
            return [];
        }
        $held = [];
        foreach ($circuit->each(StatefulComponent::class) as $component) {
            $hasWorked = array_filter($points, static fn (OperatingPoint $point): bool => $point->position($component->id) === $component->actuatedPosition());
            $stuck = $component->fault(FaultKind::StuckOn);
            if ($hasWorked === [] && $stuck !== null) {
                $held[$component->id] = $stuck;
            }
        }

        return array_map(
            static fn (OperatingConditions $one): OperatingPoint => $solver->settle($one->withFaults(new Faults($held))),
            array_values(array_filter($conditions, static fn (OperatingConditions $one): bool => $one->key === Key::Run)),
        );
    }

    /**
     * @param  list<string>  $jammed
     * @return non-empty-list<OperatingConditions>
     */
    public static function conditions(Circuit $circuit, array $jammed = []): array
    {
        $temperatures = [0.0];
        foreach ($circuit->sensors() as $sensor) {
            array_push($temperatures, $sensor->band()->onC, $sensor->fullDemandC());
        }
        $positions = [[]];
        foreach ($circuit->positions() as $input => $choices) {
            $longer = [];
            foreach ($positions as $shorter) {
                foreach ($choices as $choice) {
                    $longer[] = [...$shorter, $input => $choice];
                }
            }
            $positions = $longer;
        }
        $elapsedS = $circuit->each(DelayRelay::class) === [] ? null : 0.0;
        $spares = $circuit->each(SpareOutlet::class) === [] ? [false] : [false, true];
        $conditions = [];
        foreach ([[Key::Off, 0.0], [Key::Run, 0.0], [Key::Run, Assumptions::CHARGING_RPM], [Key::Crank, 0.0]] as [$key, $rpm]) {
            foreach (array_unique($temperatures) as $coolantC) {
                foreach ($positions as $position) {
                    foreach ($key === Key::Run ? $spares : [false] as $drawsSpare) {
                        $conditions[] = new OperatingConditions($key, $rpm, $coolantC, $position, elapsedS: $elapsedS, jammed: $jammed, drawsSpare: $drawsSpare);
                    }
                }
            }
        }

        return $conditions;
    }

    /** A temperature at which everything that senses it asks for all it can, °C. */
    public static function hottestC(Circuit $circuit): float
    {
        return max([0.0, ...array_values(array_map(
            static fn (TemperatureSensing $sensor): float => $sensor->fullDemandC(),
            $circuit->sensors(),
        ))]);
    }

    /** The greatest steady current through a wire or element in any state, A. */
    public function greatestA(string $name): float
    {
        return array_reduce(
            $this->points,
            static fn (float $most, OperatingPoint $point): float => max($most, abs($point->currentA($name))),
            0.0,
        );
    }

    /** Which point has the greatest current through a wire or element. */
    public function hardest(string $name): int
    {
        $hardest = 0;
        foreach ($this->points as $at => $point) {
            if (abs($point->currentA($name)) > abs($this->points[$hardest]->currentA($name))) {
                $hardest = $at;
            }
        }

        return $hardest;
    }

    /**
     * The greatest of something over every point.
     *
     * @param  \Closure(OperatingPoint): float  $of
     */
    public function greatest(\Closure $of): float
    {
        return max(array_map($of, $this->points));
    }

    /**
     * The state in which a wire carries its most while a load is fed: of those near the greatest current, the one with most
     * voltage across the load, for the same wire may feed others too.
     */
    public function hardestFor(string $wire, string $loadFrom, string $loadTo): OperatingPoint
    {
        $nearA = 0.95 * $this->greatestA($wire);
        $hardest = $this->points[0];
        $mostV = -1.0;
        foreach ($this->points as $point) {
            $loadV = abs($point->voltages->across($loadFrom, $loadTo));
            if (abs($point->currentA($wire)) >= $nearA && $loadV > $mostV) {
                $mostV = $loadV;
                $hardest = $point;
            }
        }

        return $hardest;
    }

    /** The least voltage across two terminals in states where a condition holds, V; null where it never does. */
    public function leastV(string $from, string $to, \Closure $when): ?float
    {
        $least = null;
        foreach ($this->points as $point) {
            if ($when($point)) {
                $volts = abs($point->voltages->across($from, $to));
                $least = $least === null ? $volts : min($least, $volts);
            }
        }

        return $least;
    }
}
