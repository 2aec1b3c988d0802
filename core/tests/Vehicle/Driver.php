<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

use LampThread\Diagnosis\Situations;
use LampThread\Diagnosis\Symptom;

/** Who brings the vehicle, and says what is wrong: in the trade’s words, from what the vehicle did. */
final readonly class Driver
{
    public function __construct(private BuiltVehicle $vehicle, private Situations $situations) {}

    /** @return list<Symptom> */
    public function tells(): array
    {
        return array_values(array_filter(Symptom::cases(), $this->sees(...)));
    }

    private function sees(Symptom $symptom): bool
    {
        $full = $this->situations->full;
        $isOff = fn (string $at): bool => $this->fans($at, static fn (float $is, float $should): bool => abs($should) > 0.05 && abs($is) < 0.05);
        $runsOn = fn (string $at): bool => $this->fans($at, static fn (float $is, float $should): bool => abs($should) < 0.05 && abs($is) > 0.05);
        $isWeak = fn (string $at): bool => $this->fans($at, static fn (float $is, float $should): bool => abs($is) > 0.05 && abs($is) < 0.8 * $should);
        $runsAny = fn (string $at): bool => $this->vehicle->at($at, true)->runsAny();
        $airConditioning = isset($this->situations->all[Situations::AIR_CONDITIONING]) ? Situations::AIR_CONDITIONING : null;

        return match ($symptom) {
            Symptom::NeverRuns => $isOff($full) && array_filter($this->situations->asked, $runsAny) === [],
            Symptom::OneFanDead => $isOff($full) && $runsAny($full),
            Symptom::Overheats => $isOff($full) || $isWeak($full),
            Symptom::NeverStops => $runsOn(Situations::COLD),
            Symptom::RunsKeyOut => $runsOn(Situations::KEY_OUT),
            Symptom::RunsWeakly => $isWeak($full),
            Symptom::BlowsBackwards => str_contains($this->vehicle->at($full, true)->looks(), 'backwards'),
            Symptom::FuseBlows => $this->vehicle->blown !== [],
            Symptom::OverrideDead => array_filter($this->situations->overrides, $isOff) !== [],
            Symptom::WarmAirConditioning => $airConditioning !== null && ($isOff($airConditioning) || $isWeak($airConditioning)),
            Symptom::LowGone => count($this->situations->heat) > 1 && $isOff($this->situations->heat[0]) && $runsAny($full) && ! $runsAny($this->situations->heat[0]),
            Symptom::ComesLate => $this->situations->heat !== [] && ! $isOff($full) && array_filter($this->situations->heat, $isOff) !== [],
            Symptom::ComesEarly => isset($this->situations->all[Situations::EARLY]) && $runsOn(Situations::EARLY) && ! $runsOn(Situations::COLD),
            default => false,
        };
    }

    /** @param  \Closure(float, float): bool  $holds  of a fan’s speed and the one it should have */
    private function fans(string $at, \Closure $holds): bool
    {
        $should = $this->vehicle->at($at, false)->speeds;
        foreach ($this->vehicle->at($at, true)->speeds as $fan => $speed) {
            if ($holds($speed, $should[$fan])) {
                return true;
            }
        }

        return false;
    }
}
