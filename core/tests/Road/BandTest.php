<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Exchange\SpreadsReader;
use LampThread\Road\Band;
use LampThread\Road\Drives;
use LampThread\Road\Simulation;
use LampThread\Road\SimulationResult;
use LampThread\Road\Uncertain;
use LampThread\Road\Vehicle;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** How sure a drive is. */
final class BandTest extends TestCase
{
    /** A triangular distribution of deviation s, drawn in strata: mean 0 and deviation s to within the strata. */
    public function test_the_cases_have_the_spread_that_was_asked_for(): void
    {
        $file = Orchard::file();
        $cases = SpreadsReader::of($file, Orchard::brief())->cases(400);
        $switchK = array_map(static fn (Uncertain $case): float => $case->switchK, $cases);
        $heat = array_map(static fn (Uncertain $case): float => log($case->heat), $cases);

        self::assertEqualsWithDelta(0.0, array_sum($switchK) / 400, 0.01);
        self::assertEqualsWithDelta(2.0, sqrt(array_sum(array_map(static fn (float $k): float => $k ** 2, $switchK)) / 400), 0.02);
        self::assertEqualsWithDelta(0.0, array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $switchK, $heat)) / 400 / 2.0 / 0.18, 0.15, 'not alike');
        self::assertEquals($cases, SpreadsReader::of($file, Orchard::brief())->cases(400), 'the same each time');
    }

    public function test_what_was_fitted_is_surer_than_what_was_told_and_that_than_what_was_not(): void
    {
        $spread = static fn (array $heat): float => SpreadsReader::of(Orchard::file(['/heat' => $heat]), Orchard::brief(['/heat' => $heat]))->heat;

        self::assertLessThan($spread([]), $spread(['heatShare' => 0.8]));
        self::assertSame(0.03, $spread(['heatShare' => 0.8, 'spreads' => ['heatShare' => 0.03]]));
    }

    public function test_the_middle_is_the_drive_and_the_band_narrows_with_what_is_known(): void
    {
        $width = static function (array $heat): array {
            $band = self::band(['/heat' => $heat, '/roadLoad' => ['massKg' => 4500]], [], '5-climb');

            return [$band->below(self::peak(), 0.5), $band->below(self::peak(), Band::HIGH) - $band->below(self::peak(), Band::LOW)];
        };
        [$middle, $wide] = $width(['ratedKw' => 80]);
        [, $narrow] = $width(['ratedKw' => 80, 'heatShare' => 0.8, 'coreWPerK' => 1400, 'airShare' => 0.2, 'spreads' => [
            'heatShare' => 0.01, 'coreWPerK' => 0.01, 'airShare' => 0.01,
        ]]);

        self::assertEqualsWithDelta(Vehicle::of(Orchard::sizing(['/heat' => ['ratedKw' => 80], '/roadLoad' => ['massKg' => 4500]]))
            ->drive(Drives::standard()['5-climb'])->result->peakC, $middle, 2.5);
        self::assertGreaterThan(1.3 * $narrow, $wide);
        self::assertGreaterThan(1.0, $narrow, 'switch and thermostat still differ');
    }

    /** Of sixty cases of which each has one more than the one before, half have less than 29.5, nine tenths less than 53.1. */
    public function test_what_a_share_of_the_cases_stays_below(): void
    {
        $band = self::band([], []);
        $counted = static function (float $share) use ($band): float {
            $case = 0;

            return $band->below(static function () use (&$case): float {
                return (float) $case++;
            }, $share);
        };

        self::assertSame(60, $band->count());
        self::assertEqualsWithDelta([0.0, 29.5, 53.1, 59.0], [$counted(0.0), $counted(0.5), $counted(0.9), $counted(1.0)], 1e-9);
        // One with the same peak, to the last digit, is neither cooler nor hotter.
        self::assertSame([0, 0], array_map(intval(...), $band->against($band, self::peak(), 0.0)));
    }

    public function test_two_settings_are_compared_case_by_case(): void
    {
        $now = self::band([], []);
        [$less] = $now->against(self::band([], ['/control/stages/0/decider/onC' => 88, '/control/stages/0/decider/offC' => 84]), self::peak(), 0.3);
        [$colder, $hotter] = $now->against(self::band([], ['/control/stages/0/decider/onC' => 92.2]), self::peak(), 0.3);

        self::assertGreaterThan(0.9, $less, 'four kelvin sooner is cooler');
        self::assertEquals([0, 0], [$colder, $hotter], 'a fifth of a kelvin is the same');
        self::assertSame(60, $now->count());
        self::assertCount(count($now->timesS), $now->edgeC(0.5));
    }

    /**
     * @param  array<string, mixed>  $vehicle
     * @param  array<string, mixed>  $setting
     */
    private static function band(array $vehicle, array $setting, string $drive = '3-queue'): Band
    {
        $drive = Drives::standard()[$drive];
        $driven = Vehicle::of(Orchard::sizing([...$vehicle, ...$setting]));
        $band = new Band($drive);
        foreach (SpreadsReader::of(Orchard::file($vehicle), Orchard::brief($vehicle))->cases(60) as $case) {
            $band->add($driven->roughly(Simulation::bands($driven->brief), $drive, $case));
        }

        return $band;
    }

    /** @return \Closure(SimulationResult): float */
    private static function peak(): \Closure
    {
        return static fn (SimulationResult $result): float => $result->peakC;
    }
}
