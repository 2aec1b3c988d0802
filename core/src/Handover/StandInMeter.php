<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Operation\Solver;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A simulated multimeter, clamp and thermometer on a vehicle that is a little other than the job tells; with a bad joint hidden in it, if that is
 * wished. The same seed is the same vehicle.
 */
final readonly class StandInMeter
{
    /** Standard deviation of what a fan draws over what it was told to, and of an instrument over its error. */
    private const FAN_SHARE = 0.06;

    /** Its battery has lost up to this share of its charge. */
    private const LEAST_CHARGED = 0.25;

    private const OF_ERROR = 0.35;

    /** What is made within a tolerance lies within so many standard deviations of what was told: what is further off is sorted out (common practice, no source). */
    private const FARTHEST = 2.2;

    private const FELT_A = 2.0;

    private const LEAST_OHM = 0.08;

    private const MOST_OHM = 3.0;

    public Faults $faults;

    private float $chargeShare;

    /** @var string|null where the bad joint is */
    public ?string $badJoint;

    public function __construct(private TestPlan $plan, private int $seed, bool $hasBadJoint)
    {
        $random = new Randomizer(new Mt19937($seed));
        $draws = [];
        foreach ($plan->circuit->each(FanMotor::class) as $motor) {
            $draws[$motor->id] = 1 + self::FAN_SHARE * self::normal($random);
        }
        $this->chargeShare = 1 - self::LEAST_CHARGED * $random->getInt(0, 1000) / 1000;
        $joints = $hasBadJoint ? $this->joints() : [];
        $this->badJoint = $joints === [] ? null : $joints[$random->getInt(0, count($joints) - 1)];
        $ohm = self::LEAST_OHM * (self::MOST_OHM / self::LEAST_OHM) ** ($random->getInt(0, 1000) / 1000);
        $this->faults = new Faults(jointOhms: $this->badJoint === null ? [] : [$this->badJoint => $ohm], draws: $draws);
    }

    /** @return list<string> components and wires with joints that carry a fan's current in some setting: elsewhere a bad one is not felt */
    private function joints(): array
    {
        $joints = [];
        foreach (array_keys($this->plan->circuit->faults()) as $id) {
            foreach ($this->plan->circuit->part($id)?->fault(FaultKind::SlightJoint) === null ? [] : $this->plan->settings as $setting) {
                $point = $this->plan->point($setting->id);
                foreach ($point->elementsByPart()[$id] ?? [] as $element) {
                    if (abs($point->currentA($element->name())) > self::FELT_A && $setting->conditions->engineRpm <= 0) {
                        $joints[$id] = true;
                    }
                }
            }
        }

        return array_keys($joints);
    }

    /** What it shows at a measurement of this circuit. */
    public function shows(Measurement $measurement): float
    {
        $sound = $this->plan->point($measurement->setting);
        $conditions = $sound->conditions->withFaults($this->faults)->withCharge($this->chargeShare);
        $value = $measurement->value((new Solver($this->plan->circuit))->settle($conditions), $sound);

        return $this->noisy($measurement->id(), $measurement->reads, $value);
    }

    /** What is shown at a step that is not solved: what was expected, a little off. */
    public function showsStep(TestStep $step): float
    {
        $value = $step->expected ?? min($step->most, max($step->least, 30.0));

        return $step->least === $step->most ? $value : $this->noisy($step->id, $step->reads, $value);
    }

    private function noisy(string $id, Reads $reads, float $value): float
    {
        if ($reads === Reads::Seen || $value >= Reads::OPEN_OHM) {
            return $value;
        }
        $random = new Randomizer(new Mt19937($this->seed ^ crc32($id)));
        $shown = $value + self::OF_ERROR * $reads->error($value) * self::normal($random);

        return round($reads === Reads::Ohm ? max(0.0, $shown) : $shown, $reads === Reads::Volt ? 2 : 1);
    }

    private static function normal(Randomizer $random): float
    {
        $deviations = sqrt(-2 * log($random->getInt(1, 1_000_000) / 1e6)) * cos(2 * M_PI * $random->getInt(0, 1_000_000) / 1e6);

        return max(-self::FARTHEST, min(self::FARTHEST, $deviations));
    }
}
