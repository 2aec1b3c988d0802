<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FeelsTemperature;
use LampThread\Circuit\Component\Stepless;
use LampThread\Electrics\Key;
use LampThread\Electrics\OperatingPoint;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Solver;

/** What a circuit carries over everything the key, the engine, the coolant and the hand can do. */
final readonly class Duty
{
    /** Engine speed at which the charging voltage is surely held, rpm (common practice, no source). */
    private const CHARGING_RPM = 3000.0;

    /** @param  non-empty-list<OperatingPoint>  $points */
    private function __construct(public array $points) {}

    /** @param  bool  $starting  whether every fan stands yet, as in the moment it is switched on */
    public static function of(Circuit $circuit, bool $starting = false): self
    {
        $solver = new Solver($circuit);
        $jammed = $starting ? array_map(static fn (FanMotor $motor): string => $motor->id, $circuit->each(FanMotor::class)) : [];

        return new self(array_map($solver->settle(...), self::settings($circuit, $jammed)));
    }

    /**
     * @param  list<string>  $jammed
     * @return non-empty-list<Setting>
     */
    public static function settings(Circuit $circuit, array $jammed = []): array
    {
        $temperatures = [0.0];
        foreach ($circuit->feelers() as $feeler) {
            $temperatures[] = $feeler->band()->onC;
            if ($feeler instanceof Stepless) {
                $temperatures[] = $feeler->controller->band->onC + $feeler->controller->spanK;
            }
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
        $settings = [];
        foreach ([[Key::Off, 0.0], [Key::Run, 0.0], [Key::Run, self::CHARGING_RPM], [Key::Crank, 0.0]] as [$key, $rpm]) {
            foreach (array_unique($temperatures) as $coolantC) {
                foreach ($positions as $position) {
                    $settings[] = new Setting($key, $rpm, $coolantC, $position, elapsedS: $elapsedS, jammed: $jammed);
                }
            }
        }

        return $settings;
    }

    /** A temperature at which everything that feels it asks for all it can, °C. */
    public static function hottestC(Circuit $circuit): float
    {
        return max([0.0, ...array_values(array_map(
            static fn (FeelsTemperature $feeler): float => $feeler->band()->onC + ($feeler instanceof Stepless ? $feeler->controller->spanK : 0.0),
            $circuit->feelers(),
        ))]);
    }

    /** The greatest steady current through a wire or element in any setting, A. */
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
     * The setting in which a wire carries its most while a load is fed: of those near the greatest current, the one with most
     * voltage across the load, for the same wire may feed others too.
     */
    public function hardestFor(string $wire, string $loadFrom, string $loadTo): OperatingPoint
    {
        $nearA = 0.95 * $this->greatestA($wire);
        $hardest = $this->points[0];
        $mostV = -1.0;
        foreach ($this->points as $point) {
            $loadV = abs($point->volts->across($loadFrom, $loadTo));
            if (abs($point->currentA($wire)) >= $nearA && $loadV > $mostV) {
                $mostV = $loadV;
                $hardest = $point;
            }
        }

        return $hardest;
    }

    /** The least voltage across two terminals in settings where a condition holds, V; null where it never does. */
    public function leastV(string $from, string $to, \Closure $when): ?float
    {
        $least = null;
        foreach ($this->points as $point) {
            if ($when($point)) {
                $volts = abs($point->volts->across($from, $to));
                $least = $least === null ? $volts : min($least, $volts);
            }
        }

        return $least;
    }
}
