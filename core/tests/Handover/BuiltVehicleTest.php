<?php

declare(strict_types=1);

namespace LampThread\Tests\Handover;

use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Diagnosis\Situation;
use LampThread\Handover\TestStep;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Observation\Setting;
use LampThread\Tests\Vehicle\BuiltVehicle;
use LampThread\Tests\Vehicle\Defect;
use LampThread\Tests\Vehicle\DefectKind;
use LampThread\Tests\Vehicle\Settled;
use PHPUnit\Framework\TestCase;

/** The test plan on vehicles built from the cut list and solved by ngspice: sound ones pass, and a bad joint does not. */
final class BuiltVehicleTest extends TestCase
{
    private const OF_EACH_JOB = 10;

    /** So many readings of sound vehicles may be called wrong, and so many of those vehicles have one. */
    private const WRONG_READINGS = 0.003;

    private const WRONG_VEHICLES = 0.05;

    public function test_sound_vehicles_pass(): void
    {
        $readings = $vehicles = 0;
        $outside = [];
        foreach (Workshop::jobs() as $job) {
            for ($seed = 1; $seed <= self::OF_EACH_JOB; $seed++) {
                $ofVehicle = self::outside($job, $seed, [], $readings);
                $outside = [...$outside, ...$ofVehicle];
                $vehicles += $ofVehicle === [] ? 0 : 1;
            }
        }
        $all = count(Workshop::jobs()) * self::OF_EACH_JOB;

        self::assertGreaterThan(10 * $all, $readings);
        self::assertLessThanOrEqual(max(1.0, self::WRONG_READINGS * $readings), count($outside), implode("\n", $outside));
        self::assertLessThanOrEqual(max(1.0, self::WRONG_VEHICLES * $all), $vehicles);
    }

    /** A tenth of an ohm in a fan's plug loses more than a volt: no vehicle passes with it. */
    public function test_a_tenth_of_an_ohm_in_the_fans_plug_is_outside(): void
    {
        $readings = 0;
        foreach (['orchard-sprayer', 'larkspur-camper', 'dunmore-fire-tender'] as $job) {
            $outside = self::outside($job, 1, [new Defect(DefectKind::Joint, 'fan-1-plug', 0, 0.1)], $readings);
            self::assertNotSame([], array_filter($outside, static fn (string $step): bool => str_contains($step, 'fan-1:+')), $job);
        }
    }

    /**
     * @param  list<Defect>  $defects
     * @param  int  $readings  how many were taken so far
     * @return list<string> steps that were called wrong, with what was read
     */
    private static function outside(string $job, int $seed, array $defects, int &$readings): array
    {
        $plan = Workshop::plan($job);
        $sensors = $plan->circuit->sensors();
        $vehicle = new BuiltVehicle(Workshop::sizing($job), array_map(static fn (Setting $setting): Situation => new Situation(
            $setting->id, $setting->conditions, [], 0.0,
            array_map(static fn (TemperatureSensing $sensor): bool => $sensor->isJoinedPast(), array_intersect_key($sensors, $setting->conditions->localC)),
        ), $plan->settings), $seed, $defects);
        $outside = [];
        $isRead = static fn (TestStep $step): bool => isset($plan->settings[explode('/', $step->id)[0]]) && in_array($step->reads, [Reads::Volt, Reads::Ampere], true);
        foreach (array_filter($plan->steps(), $isRead) as $id => $step) {
            $measurement = $plan->measurement($id);
            $value = self::value($measurement, $vehicle->at($measurement->setting, true));
            $readings++;
            if (! $step->passes($value)) {
                $outside[] = sprintf('%s, vehicle %d, %s: %.2f, not %.2f to %.2f', $job, $seed, $id, $value, $step->least, $step->most);
            }
        }

        return $outside;
    }

    private static function value(Measurement $measurement, Settled $settled): float
    {
        return $measurement->reads === Reads::Volt
            ? round($settled->volts[$measurement->from] - $settled->volts[$measurement->to], 2)
            : round(abs($settled->amperes[$measurement->from]), 1);
    }
}
