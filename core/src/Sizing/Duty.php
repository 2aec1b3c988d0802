<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Electrics\Key;
use LampThread\Electrics\OperatingPoint;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Solver;

/** What a circuit carries over everything the key, the engine, the coolant and the hand can do. */
final readonly class Duty
{
    /** Engine speed at which the charging voltage is surely held, rpm (common practice, no source). */
    private const CHARGING_RPM = 3000.0;

    /** @param  list<OperatingPoint>  $points */
    private function __construct(public array $points) {}

    public static function of(Circuit $circuit): self
    {
        $solver = new Solver($circuit);

        return new self(array_map($solver->settle(...), self::settings($circuit)));
    }

    /** @return list<Setting> */
    public static function settings(Circuit $circuit): array
    {
        $temperatures = [0.0];
        foreach ($circuit->each(TemperatureSwitch::class) as $switch) {
            $temperatures[] = $switch->decider->onC;
        }
        $positions = [[]];
        foreach ($circuit->handSwitches() as $id => $choices) {
            $longer = [];
            foreach ($positions as $shorter) {
                foreach ($choices as $choice) {
                    $longer[] = [...$shorter, $id => $choice];
                }
            }
            $positions = $longer;
        }
        $settings = [];
        foreach ([[Key::Off, 0.0], [Key::Run, 0.0], [Key::Run, self::CHARGING_RPM], [Key::Crank, 0.0]] as [$key, $rpm]) {
            foreach ($temperatures as $coolantC) {
                foreach ($positions as $position) {
                    $settings[] = new Setting($key, $rpm, $coolantC, $position);
                }
            }
        }

        return $settings;
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

    /** The setting that loads a wire or element most. */
    public function hardest(string $name): OperatingPoint
    {
        $hardest = $this->points[0];
        foreach ($this->points as $point) {
            if (abs($point->currentA($name)) > abs($hardest->currentA($name))) {
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
