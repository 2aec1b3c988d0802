<?php

declare(strict_types=1);

namespace LampThread\Tests\Handover;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Handover\StandInMeter;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Operation\Solver;
use PHPUnit\Framework\TestCase;

/** The simulated instruments, and the vehicle they are held to: as a workshop's would show it. */
final class StandInMeterTest extends TestCase
{
    /** Every joint a fan's current goes through is hidden in one vehicle or another, between 80 mΩ and 3 Ω; a sound vehicle has none. */
    public function test_a_bad_joint_lies_in_any_place_that_is_felt(): void
    {
        $plan = Workshop::plan('orchard-sprayer');
        $hot = $plan->point('hot-1');
        $felt = array_filter(array_keys($plan->circuit->faults()), static fn (string $id): bool => $plan->circuit->part($id)?->fault(FaultKind::SlightJoint) !== null
            && array_filter($hot->elementsByPart()[$id] ?? [], static fn ($element): bool => abs($hot->currentA($element->name())) > 2.0) !== []);
        $places = [];
        for ($seed = 1; $seed <= 300; $seed++) {
            $meter = new StandInMeter($plan, $seed, hasBadJoint: true);
            self::assertNotNull($meter->badJoint);
            $ohm = $meter->faults->jointOhm($meter->badJoint);
            self::assertGreaterThanOrEqual(0.08 - 1e-12, $ohm);
            self::assertLessThanOrEqual(3.0 + 1e-12, $ohm);
            $places[$meter->badJoint] = true;
        }
        $felt = array_values($felt);
        $places = array_keys($places);
        sort($felt);
        sort($places);

        self::assertSame($felt, $places);
        $sound = new StandInMeter($plan, 1, hasBadJoint: false);
        self::assertSame([0.0], array_values(array_unique(array_map($sound->faults->jointOhm(...), $felt))));
    }

    /** With a bad joint in it the same vehicle loses at that joint what the joint takes, and reads so. */
    public function test_a_bad_joint_is_read(): void
    {
        $plan = Workshop::plan('orchard-sprayer');
        $at = array_column(array_map(static fn (int $seed): array => [$seed, new StandInMeter($plan, $seed, hasBadJoint: true)], range(1, 60)), 1, 0);
        $meter = array_values(array_filter($at, static fn (StandInMeter $one): bool => $one->badJoint === 'fan-1-fuse'))[0];
        $measurement = new Measurement('hot-1', Reads::Volt, 'fan-1-fuse:1', 'fan-1-fuse:2');
        $asBroken = (new Solver($plan->circuit))->settle($plan->point('hot-1')->conditions->withFaults($meter->faults));

        self::assertGreaterThan(0.5, $measurement->value($asBroken), 'volts');
        self::assertEqualsWithDelta($measurement->value($asBroken), $meter->shows($measurement), 0.1 * $measurement->value($asBroken) + 0.1);
    }

    /** A sound vehicle, made and measured within its tolerances, reads inside at every test: nobody is sent after a fault that is not there. */
    public function test_a_sound_vehicle_reads_inside(): void
    {
        $plan = Workshop::plan('orchard-sprayer');
        for ($seed = 1; $seed <= 300; $seed++) {
            $meter = new StandInMeter($plan, $seed, hasBadJoint: false);
            foreach ($plan->steps() as $id => $step) {
                $isSolved = isset($plan->settings[explode('/', $id)[0]]);
                self::assertTrue($step->passes($isSolved ? $meter->shows($plan->measurement($id)) : $meter->showsStep($step)), "{$id}, vehicle {$seed}");
            }
        }
    }

    /** A multimeter shows hundredths of a volt, a clamp tenths of an ampere, an ohmmeter tenths of an ohm. Common practice, no source. */
    public function test_how_fine_an_instrument_shows(): void
    {
        $plan = Workshop::plan('orchard-sprayer');
        $shown = ['volt' => [], 'ampere' => []];
        for ($seed = 1; $seed <= 40; $seed++) {
            $meter = new StandInMeter($plan, $seed, hasBadJoint: false);
            $shown['volt'][] = $meter->shows(new Measurement('hot-1', Reads::Volt, 'fan-1:+', 'fan-1:-'));
            $shown['ampere'][] = $meter->shows(new Measurement('hot-1', Reads::Ampere, 'W4', ''));
        }
        foreach (['volt' => 2, 'ampere' => 1] as $reads => $digits) {
            $isFiner = array_filter($shown[$reads], static fn (float $value): bool => abs($value - round($value, $digits - 1)) > 1e-9);
            self::assertNotSame([], $isFiner);
            foreach ($shown[$reads] as $value) {
                self::assertEqualsWithDelta(round($value, $digits), $value, 1e-9);
            }
        }
    }
}
