<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Rail;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;

/**
 * Where the volts went: every joint, contact, earth and wire with more resistance than it should have, every coil that does not work and every
 * fan that draws more or less than told, each tried in the solved circuit against all readings so far (Bayes). What is read next is what
 * parts the possibilities best.
 */
final class Suspects
{
    /** What lets nothing through. */
    private const INTERRUPTS = [FaultKind::Open, FaultKind::CoilOpen, FaultKind::StuckOff];

    /** Resistances a bad joint is solved at, Ω; what lies between is found between them. */
    private const JOINT_OHMS = [0.02, 0.06, 0.17, 0.5, 1.3, 3.5, 12.0, 80.0];

    private const BETWEEN = 4;

    private const DRAWS = [0.5, 0.62, 0.75, 1.3, 1.5, 1.8];

    /** How likely it is that nothing is wrong, over a wire with its two crimps (common practice, no source). */
    private const SOUND_WEIGHT = 20.0;

    /** A reading that fits nothing is still a reading: one in so many is taken wrongly. */
    private const WRONG_READING = 1e-3;

    /** What a fault does to a reading is known to this share of it: by the fans' tolerance, and by what lies between two resistances. */
    private const FAULT_SHARE = 0.1;

    /** A reading that wants a sleeve opened is worth so much of one that does not (common practice, no source). */
    private const HIDDEN_WORTH = 0.6;

    /** Below this nothing flows that a joint could take volts from, A. */
    private const FLOWS_A = 0.002;

    private readonly Solver $solver;

    /** @var list<array{string|null, Faults}> part and how it is, to be solved */
    private array $solvable = [];

    /** @var list<array{string|null, float|null, float|null, int, int, float}> part, joint Ω, draws, and between which two that are solved it lies, how far */
    private array $cases = [];

    /** @var array<int, float> by case */
    private array $weights = [];

    /** @var array<string, list<OperatingPoint>> by setting, then case */
    private array $points = [];

    /** @param  list<TakenReading>  $readings  at least one */
    public function __construct(private readonly TestPlan $plan, private readonly array $readings)
    {
        $this->solver = new Solver($plan->circuit);
        $this->gather();
        foreach ($readings as $reading) {
            $this->weigh($reading);
        }
        $sum = array_sum($this->weights);
        $this->weights = array_map(static fn (float $weight): float => $weight / $sum, $this->weights);
    }

    /** @return list<Suspect> the likeliest first, each place once */
    public function places(): array
    {
        $shares = [];
        $best = [];
        foreach ($this->cases as $at => [$part]) {
            $place = $part ?? '';
            $shares[$place] = ($shares[$place] ?? 0.0) + $this->weights[$at];
            if (! isset($best[$place]) || $this->weights[$at] > $this->weights[$best[$place]]) {
                $best[$place] = $at;
            }
        }
        arsort($shares);
        $suspects = [];
        foreach ($shares as $place => $share) {
            [, $jointOhm, $draws] = $this->cases[$best[$place]];
            $suspects[] = new Suspect($place === '' ? null : (string) $place, $share, $jointOhm, $draws);
        }

        return $suspects;
    }

    /** @return Measurement|null what tells most of all that could be read next; null where nothing would tell anything */
    public function next(): ?Measurement
    {
        $taken = array_flip(array_map(static fn (TakenReading $reading): string => $reading->measurement->id(), $this->readings));
        $best = null;
        $most = 0.02;
        foreach ($this->candidates() as $measurement) {
            if (! isset($taken[$measurement->id()])) {
                $tells = $this->tells($measurement) * ($this->isHidden($measurement->from) || $this->isHidden($measurement->to) ? self::HIDDEN_WORTH : 1.0);
                if ($tells > $most) {
                    [$best, $most] = [$measurement, $tells];
                }
            }
        }

        return $best;
    }

    /** A splice lies under its sleeve. */
    private function isHidden(string $terminal): bool
    {
        return $this->plan->circuit->componentAt($terminal)?->isSplice() === true;
    }

    private function gather(): void
    {
        $this->add(null, null, null, new Faults, self::SOUND_WEIGHT);
        $settings = array_unique(array_map(static fn (TakenReading $reading): string => $reading->measurement->setting, $this->readings));
        foreach ($this->plan->circuit->each(FanMotor::class) as $motor) {
            foreach (self::DRAWS as $draws) {
                $this->add($motor->id, null, $draws, new Faults(draws: [$motor->id => $draws]), 1 / count(self::DRAWS));
            }
        }
        foreach ($this->plan->circuit->faults() as $id => $faults) {
            $part = $this->plan->circuit->part($id);
            assert($part !== null);
            if ($part->fault(FaultKind::SlightJoint) !== null && $this->flows($id, $settings)) {
                $this->addJoint($id, $part->jointWeight());
            }
            foreach ($faults as $fault) {
                if (in_array($fault->kind, self::INTERRUPTS, true) && $this->flows($id, $settings)) {
                    $this->add($id, INF, null, new Faults([$id => $fault]), 0.2);
                }
            }
        }
    }

    private function add(?string $part, ?float $jointOhm, ?float $draws, Faults $faults, float $weight): void
    {
        $at = count($this->solvable);
        $this->solvable[] = [$part, $faults];
        $this->cases[] = [$part, $jointOhm, $draws, $at, $at, 0.0];
        $this->weights[] = $weight;
    }

    private function addJoint(string $part, float $weight): void
    {
        $from = count($this->solvable);
        $last = count(self::JOINT_OHMS) - 1;
        foreach (self::JOINT_OHMS as $ohm) {
            $this->solvable[] = [$part, new Faults(jointOhms: [$part => $ohm])];
        }
        for ($step = 0; $step <= $last * self::BETWEEN; $step++) {
            $at = min($last - 1, intdiv($step, self::BETWEEN));
            $share = $step / self::BETWEEN - $at;
            $ohm = self::JOINT_OHMS[$at] * (self::JOINT_OHMS[$at + 1] / self::JOINT_OHMS[$at]) ** $share;
            $this->cases[] = [$part, $ohm, null, $from + $at, $from + $at + 1, $share];
            $this->weights[] = $weight / ($last * self::BETWEEN + 1);
        }
    }

    /** @param  array<int, string>  $settings */
    private function flows(string $id, array $settings): bool
    {
        foreach ($settings as $setting) {
            $point = $this->plan->point($setting);
            foreach ($point->elementsByPart()[$id] ?? [] as $element) {
                if (abs($point->currentA($element->name())) > self::FLOWS_A) {
                    return true;
                }
            }
        }

        return false;
    }

    private function weigh(TakenReading $reading): void
    {
        $measurement = $reading->measurement;
        $by = $this->spread($measurement);
        $soundPoint = $this->plan->point($measurement->setting);
        $sound = $measurement->value($soundPoint, $soundPoint);
        foreach ($this->expected($measurement) as $at => $expected) {
            if ($measurement->reads === Reads::Seen) {
                $this->weights[$at] *= $expected === $reading->value ? 1.0 : self::WRONG_READING;

                continue;
            }
            // What a fault does goes with the current, which is no surer than the fans.
            $spread = hypot($by, self::FAULT_SHARE * ($expected - $sound));
            $this->weights[$at] *= $by / $spread * exp(-0.5 * min(600.0, (($reading->value - $expected) / $spread) ** 2)) + self::WRONG_READING * 1e-2;
        }
    }

    /** Standard deviation of a reading where everything but the place is sound. */
    private function spread(Measurement $measurement): float
    {
        return $measurement->reads === Reads::Seen ? 1.0 : $this->plan->tolerance($measurement->setting)->spread($measurement) / 2;
    }

    /** @return list<float> what each case would show */
    private function expected(Measurement $measurement): array
    {
        $sound = $this->plan->point($measurement->setting);
        $solved = array_map(static fn (OperatingPoint $point): float => $measurement->value($point, $sound), $this->solved($measurement->setting));

        return array_map(static fn (array $case): float => $measurement->reads === Reads::Seen
            ? $solved[$case[5] < 0.5 ? $case[3] : $case[4]]
            : (1 - $case[5]) * $solved[$case[3]] + $case[5] * $solved[$case[4]], $this->cases);
    }

    /** @return list<OperatingPoint> */
    private function solved(string $setting): array
    {
        return $this->points[$setting] ??= array_map(function (array $case) use ($setting): OperatingPoint {
            $sound = $this->plan->point($setting);

            return $case[0] === null || ! $this->flows($case[0], [$setting]) ? $sound : $this->solver->breakIn($sound, $sound->conditions->withFaults($case[1]));
        }, $this->solvable);
    }

    /** @return list<Measurement> voltages from each pole of the battery to every terminal that carries current, and across every part that does, in the settings that were read */
    private function candidates(): array
    {
        $candidates = [];
        foreach (array_unique(array_map(static fn (TakenReading $reading): string => $reading->measurement->setting, $this->readings)) as $setting) {
            $point = $this->plan->point($setting);
            $terminals = [];
            foreach ($point->elements() as $element) {
                if (abs($point->currentA($element->name())) > self::FLOWS_A) {
                    $terminals[$element->from()] = true;
                    $terminals[$element->to()] = true;
                    $candidates[] = new Measurement($setting, Reads::Volt, $element->from(), $element->to());
                }
            }
            foreach (array_keys($terminals) as $terminal) {
                if (! TestPlan::isPole($terminal)) {
                    $candidates[] = new Measurement($setting, Reads::Volt, Rail::SUPPLY, $terminal);
                    $candidates[] = new Measurement($setting, Reads::Volt, $terminal, Rail::EARTH);
                }
            }
        }

        return $candidates;
    }

    /** How much a reading would tell of the place, bit: cases fall into bins as wide as the reading is unsure. */
    private function tells(Measurement $measurement): float
    {
        $width = max(0.01, 3 * $this->spread($measurement));
        $bins = [];
        $places = [];
        foreach ($this->expected($measurement) as $at => $expected) {
            if ($this->weights[$at] > 1e-6) {
                $bin = (int) round($expected / $width);
                $place = $this->cases[$at][0] ?? '';
                $bins[$bin][$place] = ($bins[$bin][$place] ?? 0.0) + $this->weights[$at];
                $places[$place] = ($places[$place] ?? 0.0) + $this->weights[$at];
            }
        }
        $after = 0.0;
        foreach ($bins as $bin) {
            $sum = array_sum($bin);
            $after += $sum * self::entropy(array_map(static fn (float $weight): float => $weight / $sum, $bin));
        }

        return self::entropy($places) - $after;
    }

    /** @param  array<array-key, float>  $shares */
    private static function entropy(array $shares): float
    {
        return -array_sum(array_map(static fn (float $share): float => $share > 0 ? $share * log($share, 2) : 0.0, $shares));
    }
}
