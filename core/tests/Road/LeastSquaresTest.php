<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Road\LeastSquares;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Least squares against what can be worked out by hand and against many draws. */
final class LeastSquaresTest extends TestCase
{
    /** Anscombe's first set (1973): intercept 3.0001, slope 0.5001, their standard errors 1.1247 and 0.1179. */
    private const X = [10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5];

    private const Y = [8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68];

    public function test_anscombes_line_is_found(): void
    {
        $step = LeastSquares::step(self::line(), array_map(floatval(...), self::Y), 0.0);
        self::assertEqualsWithDelta(3.0001, $step['at0'], 1e-4);
        self::assertEqualsWithDelta(0.5001, $step['slope'], 1e-4);
    }

    public function test_and_how_sure_it_is(): void
    {
        $step = LeastSquares::step(self::line(), array_map(floatval(...), self::Y), 0.0);
        $residuals = array_map(static fn (int $x, float $y): float => $y - $step['at0'] - $step['slope'] * $x, self::X, self::Y);
        $deviations = LeastSquares::deviations(self::line(), $residuals, []);
        // Neighbours of this set go against each other, so that nothing is inflated.
        self::assertEqualsWithDelta(1.1247, $deviations['at0'], 1e-3);
        self::assertEqualsWithDelta(0.1179, $deviations['slope'], 1e-4);
    }

    public function test_damping_goes_less_far_the_same_way(): void
    {
        $whole = LeastSquares::step(self::line(), array_map(floatval(...), self::Y), 0.0);
        $damped = LeastSquares::step(self::line(), array_map(floatval(...), self::Y), 10.0);
        self::assertLessThan(abs($whole['slope']), abs($damped['slope']));
        self::assertGreaterThan(0, $whole['slope'] * $damped['slope']);
    }

    /** What is left over in waves tells less than as many that know nothing of each other; what else may be off is added. */
    public function test_waves_and_leanings_make_it_less_sure(): void
    {
        $slopes = ['a' => array_fill(0, 100, 1.0)];
        $random = new Randomizer(new Mt19937(5));
        $noise = array_map(static fn (): float => $random->getInt(-1000, 1000) / 500, range(1, 100));
        $waves = array_map(static fn (int $at): float => 1.7 * sin($at / 8), range(1, 100));
        self::assertGreaterThan(3 * LeastSquares::deviations($slopes, $noise, [])['a'], LeastSquares::deviations($slopes, $waves, [])['a']);
        $leaning = LeastSquares::deviations($slopes, $noise, [array_fill(0, 100, 0.5)])['a'];
        self::assertEqualsWithDelta(hypot(0.5, LeastSquares::deviations($slopes, $noise, [])['a']), $leaning, 1e-9);
    }

    /** A thousand fits of the same line with other noise spread as far as one of them says. */
    public function test_one_fit_says_how_far_a_thousand_spread(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $slopes = ['at0' => array_fill(0, 40, 1.0), 'slope' => array_map(floatval(...), range(0, 39))];
        $found = [];
        $said = 0.0;
        for ($fit = 0; $fit < 1000; $fit++) {
            $noise = array_map(static fn (): float => array_sum(array_map(static fn (): float => $random->getInt(-1000, 1000) / 1000, range(1, 3))), range(1, 40));
            $step = LeastSquares::step($slopes, $noise, 0.0);
            $found[] = $step['slope'];
            $said += LeastSquares::deviations(
                $slopes, array_map(static fn (int $at, float $value): float => $value - $step['at0'] - $step['slope'] * $at, range(0, 39), $noise), [],
            )['slope'] / 1000;
        }
        $spread = sqrt(array_sum(array_map(static fn (float $slope): float => $slope ** 2, $found)) / 1000);
        self::assertEqualsWithDelta(1.0, $said / $spread, 0.12);
    }

    /** @return array<string, list<float>> */
    private static function line(): array
    {
        return ['at0' => array_fill(0, count(self::X), 1.0), 'slope' => array_map(floatval(...), self::X)];
    }
}
