<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Rail;
use LampThread\Diagnosis\OutsideCauses;
use LampThread\Diagnosis\Situations;
use LampThread\Diagnosis\Test;
use LampThread\Diagnosis\TestKind;
use LampThread\Diagnosis\TestSet;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Who does the tests on a vehicle, with a meter that errs by half a percent and a digit, and a clamp that errs by two. */
final class Examiner
{
    private readonly Randomizer $random;

    public function __construct(private readonly BuiltVehicle $vehicle, private readonly Situations $situations, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** What the test shows: a number, or the place among its answers; null where it shows what is none of them. */
    public function reads(Test $test, bool $isThere = true): ?float
    {
        $isUnsteady = $test->situation !== null && $this->vehicle->at($test->situation, $isThere)->isRestless;
        if ($isUnsteady && ($test->kind->isNumber() || $test->kind === TestKind::Lamp)) {
            // Nobody reads what jumps about.
            return null;
        }
        if ($test->kind->isNumber()) {
            return $this->number($test, $this->vehicle->at((string) $test->situation, $isThere));
        }
        $place = array_search($this->sees($test, $isThere), $test->answers, true);

        return $place === false ? null : (float) $place;
    }

    private function number(Test $test, Settled $settled): float
    {
        if ($test->kind === TestKind::Clamp) {
            $ampere = abs($settled->amperes[$test->spot === TestSet::BATTERY_LEAD ? Battery::ID : $test->spot]);

            return round(max(0.0, $ampere + (0.02 * $ampere + 0.1) * $this->between(-1, 1)), 1);
        }
        $volts = match ($test->kind) {
            TestKind::Drop => $settled->volts[Rail::SUPPLY] - $settled->volts[$test->spot],
            TestKind::Across => $settled->volts[$test->from] - $settled->volts[$test->to],
            default => $settled->volts[$test->spot],
        };

        return round($volts + (0.005 * abs($volts) + 0.01) * $this->between(-1, 1), 2);
    }

    private function sees(Test $test, bool $isThere): ?string
    {
        // Insulation that is rubbed through stays so, and a blown fuse.
        $isThere = $isThere || $test->kind->showsAlways();
        $settled = $test->situation === null ? null : $this->vehicle->at($test->situation, $isThere);
        $has = fn (DefectKind ...$kinds): bool => $isThere && $this->vehicle->defect($test->spot, ...$kinds) !== null;
        $blown = $isThere ? $this->vehicle->blown[$test->spot] ?? null : null;

        return match ($test->kind) {
            TestKind::Look => $settled?->looks(),
            TestKind::Listen => $settled?->relays[$test->spot],
            TestKind::Lamp => $this->glows($test, $isThere),
            TestKind::Swap => $has(DefectKind::Dead, DefectKind::Welded, DefectKind::CoilOpen, DefectKind::Joint) && count($this->vehicle->defects) === 1 ? 'cured' : 'same',
            TestKind::Pull => $blown !== null || $has(DefectKind::Open) ? 'blown' : 'whole',
            TestKind::Renew => match (true) {
                $blown !== null => $blown < 10 ? 'opens-at-once' : 'opens-later',
                $has(DefectKind::Open) && count($this->vehicle->defects) === 1 => 'mended',
                default => 'holds',
            },
            TestKind::Feed => match (true) {
                $has(DefectKind::Open, DefectKind::HeldFast) => 'stands',
                $has(DefectKind::ShortCircuit) => 'fuse-blows',
                $has(DefectKind::LeadsExchanged) => 'backwards',
                default => 'turns',
            },
            TestKind::Turn => $has(DefectKind::HeldFast) ? 'held-fast' : 'turns-freely',
            TestKind::Along => $has(DefectKind::Rubbed) ? 'rubbed' : 'sound',
            TestKind::Coil => $has(DefectKind::CoilOpen) ? 'open' : 'as-told',
            TestKind::Sensor => match (true) {
                $has(DefectKind::Dead) => 'never-acts',
                $has(DefectKind::Welded) => 'always-acts',
                $has(DefectKind::ActsLate) => 'acts-late',
                $has(DefectKind::ActsEarly) => 'acts-early',
                default => 'acts-in-time',
            },
            TestKind::Scan => $this->code($test, $isThere),
            TestKind::WarmUp => $this->warmsUp($isThere),
            TestKind::Cooling, TestKind::Vehicle => $test->spot === OutsideCauses::PAPER ? $this->paper($isThere) : $this->around($test),
            TestKind::Volts, TestKind::Drop, TestKind::Across, TestKind::Clamp => null,
        };
    }

    private function around(Test $test): string
    {
        $isFlat = $this->vehicle->defect(Battery::ID, DefectKind::Flat) !== null;

        return $test->spot === 'battery-load' && $isFlat ? 'weak' : $test->answers[0];
    }

    private function glows(Test $test, bool $isThere): string
    {
        $share = $this->vehicle->withLamp((string) $test->situation, $test->spot, $isThere) / $this->vehicle->sizing->brief->supply->restingV;

        return $share < 0.2 ? 'dark' : ($share < 0.7 ? 'dim' : 'bright');
    }

    private function code(Test $test, bool $isThere): string
    {
        $supply = $this->vehicle->at(Situations::COLD, $isThere)->volts[Rail::SUPPLY];
        $acted = $this->situations->acted[count($this->situations->acted) - 1] ?? Situations::COLD;
        $isWorked = isset($this->situations->all[$acted]->acted[$test->spot]);

        return match (true) {
            $this->vehicle->at(Situations::COLD, $isThere)->volts["{$test->spot}:out"] < 0.4 * $supply => 'open-or-earth',
            $isWorked && $this->vehicle->at($acted, $isThere)->volts["{$test->spot}:out"] > 0.4 * $supply => 'feed',
            default => 'no-code',
        };
    }

    private function warmsUp(bool $isThere): string
    {
        $seen = [];
        $stages = [...$this->situations->heat, Situations::LATE];
        foreach (array_keys($this->vehicle->at(Situations::EARLY, false)->speeds) as $fan) {
            $due = array_values(array_filter($stages, fn (string $at): bool => $this->vehicle->at($at, false)->runs($fan)))[0] ?? Situations::LATE;
            $isEarly = $this->vehicle->at(Situations::EARLY, $isThere)->runs($fan) && ! $this->vehicle->at(Situations::EARLY, false)->runs($fan);
            $seen[] = "{$fan}=".($isEarly ? 'early' : ($this->vehicle->at($due, $isThere)->runs($fan) ? 'in-time' : 'not'));
        }

        return implode(',', $seen);
    }

    private function paper(bool $isThere): string
    {
        $settled = $this->vehicle->at($this->situations->full, $isThere);

        return ! $settled->runsAny() ? 'falls' : (str_contains($settled->looks(), 'backwards') ? 'blown-away' : 'holds-everywhere');
    }

    private function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->random->getInt(0, 1_000_000) / 1e6;
    }
}
