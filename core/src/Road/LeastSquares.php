<?php

declare(strict_types=1);

namespace LampThread\Road;

/**
 * Fits by least squares: the step of Levenberg and Marquardt, and how sure what it found is (standard texts on regression). Slopes are by
 * name what each moment gains for a unit more of that figure.
 */
final class LeastSquares
{
    /** No device tells better than this, K (common practice, no source). */
    private const LEAST_ERROR_K = 0.3;

    /**
     * @param  array<string, list<float>>  $slopes
     * @param  list<float>  $residuals
     * @return array<string, float> how far to go, by name
     */
    public static function step(array $slopes, array $residuals, float $damping): array
    {
        $names = array_keys($slopes);
        $rows = [];
        foreach ($names as $row => $name) {
            $rows[$row] = self::normalRow($slopes, $name);
            $rows[$row][$row] *= 1 + $damping;
            $rows[$row][] = self::dot($slopes[$name], $residuals);
        }
        $solved = self::eliminated($rows);

        return array_combine($names, array_map(static fn (array $row): float => $row[count($names)], $solved));
    }

    /**
     * Standard deviation of each figure. What is left over between model and log goes in waves; so many moments tell less than as many that
     * know nothing of each other, by how alike neighbours are. Something else that is other than told moves the figures that were fitted.
     *
     * @param  array<string, list<float>>  $slopes
     * @param  list<float>  $residuals
     * @param  list<list<float>>  $leanings  what each other thing would do, were it off by its own deviation
     * @return array<string, float>
     */
    public static function deviations(array $slopes, array $residuals, array $leanings): array
    {
        $names = array_keys($slopes);
        $size = count($names);
        $rows = [];
        foreach ($names as $row => $name) {
            $rows[$row] = [...self::normalRow($slopes, $name), ...array_map(static fn (int $column): float => $column === $row ? 1.0 : 0.0, range(0, $size - 1))];
        }
        $inverse = self::eliminated($rows);
        $count = count($residuals);
        $variance = max(self::LEAST_ERROR_K ** 2, self::dot($residuals, $residuals) / max(1, $count - $size));
        $alike = min(0.98, max(0.0, self::dot(array_slice($residuals, 1), array_slice($residuals, 0, -1)) / max(1e-12, self::dot($residuals, $residuals))));
        $inflated = $variance * (1 + $alike) / (1 - $alike);

        $moved = array_map(static fn (array $leaning): array => self::step($slopes, $leaning, 0.0), $leanings);

        return array_combine($names, array_map(static fn (int $row): float => sqrt(
            max(0.0, $inverse[$row][$size + $row]) * $inflated + array_sum(array_map(static fn (float $by): float => $by ** 2, array_column($moved, $names[$row]))),
        ), range(0, $size - 1)));
    }

    /**
     * @param  array<string, list<float>>  $slopes
     * @return list<float>
     */
    private static function normalRow(array $slopes, string $name): array
    {
        return array_values(array_map(static fn (array $other): float => self::dot($slopes[$name], $other), $slopes));
    }

    /**
     * Gauss and Jordan with the largest pivot: the columns behind the square become the solutions.
     *
     * @param  array<int, list<float>>  $rows
     * @return array<int, list<float>>
     */
    private static function eliminated(array $rows): array
    {
        $size = count($rows);
        for ($pivot = 0; $pivot < $size; $pivot++) {
            $best = $pivot;
            for ($row = $pivot + 1; $row < $size; $row++) {
                $best = abs($rows[$row][$pivot]) > abs($rows[$best][$pivot]) ? $row : $best;
            }
            [$rows[$pivot], $rows[$best]] = [$rows[$best], $rows[$pivot]];
            $by = $rows[$pivot][$pivot];
            if (abs($by) < 1e-12) {
                continue;
            }
            $rows[$pivot] = array_map(static fn (float $cell): float => $cell / $by, $rows[$pivot]);
            foreach ($rows as $row => $cells) {
                if ($row !== $pivot) {
                    $rows[$row] = array_map(static fn (float $cell, float $of): float => $cell - $cells[$pivot] * $of, $cells, $rows[$pivot]);
                }
            }
        }

        return $rows;
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function dot(array $a, array $b): float
    {
        return array_sum(array_map(static fn (float $x, float $y): float => $x * $y, $a, $b));
    }
}
