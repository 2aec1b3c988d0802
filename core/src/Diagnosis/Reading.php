<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** How well numbers are read, and when two of them are told apart (common practice, no source: the battery is never quite as full as told). */
final class Reading
{
    /** Of what fits nothing: one answer in so many is wrong. */
    public const WRONG = 0.01;

    /** How often a lamp is taken for glowing one step more or less than it does. */
    private const NEXT_GLOW = 0.1;

    private const WRONG_NUMBER = 2e-3;

    /** Numbers are told apart where they lie so many standard errors apart. */
    private const APART = 3.0;

    /** How likely it is that a test shows a value where a cause would show another. */
    public static function likelihood(Test $test, float $value, float $shown): float
    {
        if ($shown === FaultTable::ABSENT) {
            return self::WRONG;
        }
        if ($test->kind === TestKind::Lamp && abs($value - $shown) === 1.0) {
            return self::NEXT_GLOW;
        }
        if (! $test->kind->isNumber()) {
            return $value === $shown ? 1.0 : self::WRONG;
        }
        [$fixed, $share] = self::error($test->kind);
        $spread = $fixed + $share * abs($shown);

        return exp(-0.5 * min(600.0, (($value - $shown) / $spread) ** 2)) + self::WRONG_NUMBER;
    }

    /** The same for values a test does not tell apart. */
    public static function outcome(Test $test, float $shown): int
    {
        if (! $test->kind->isNumber() || $shown === FaultTable::ABSENT) {
            return (int) $shown;
        }
        [$fixed, $share] = self::error($test->kind);
        // Steps of so many standard errors, which grow with the value.
        $steps = log(1 + $share * abs($shown) / $fixed) / $share / self::APART;

        return (int) round($shown < 0 ? -$steps : $steps);
    }

    /** @return array{float, float} standard error: fixed, and for each unit read */
    private static function error(TestKind $kind): array
    {
        return match ($kind) {
            TestKind::Drop => [0.05, 0.1],
            TestKind::Clamp => [0.1, 0.1],
            default => [0.08, 0.04],
        };
    }
}
