<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** How well numbers are read, and when two of them are told apart (common practice, no source: the battery is never quite as full as told). */
final class Reading
{
    /** Of what fits nothing: one answer in so many is wrong. */
    public const WRONG = 0.01;

    /** Whether a fan turns nobody mistakes often. */
    private const WRONGLY_SEEN = 0.004;

    /** How often one thing is seen for the next to it: a glow one step more or less, a fan fast for slow. */
    private const NEXT = 0.1;

    private const LEAST_DENSITY = 0.05;

    private const WRONG_NUMBER = 2e-3;

    /** How many numbers lie wider than the rest, and how much wider. */
    private const IN_HASTE = 0.1;

    private const HASTE = 3.0;

    /** A number among those a terminal or a wire may show at all, as often as one that is read right lies within its error. */
    private const ANY_NUMBER = 0.05;

    /** Numbers are told apart where they lie so many standard errors apart. */
    private const APART = 3.0;

    /**
     * How likely it is that a test shows a value where a cause would show another.
     *
     * @param  float  $half  how far that may lie to either side
     */
    public static function likelihood(Test $test, float $value, float $shown, float $half = 0.0): float
    {
        if ($shown === FaultTable::ABSENT) {
            return self::WRONG;
        }
        if (! $test->kind->isNumber()) {
            return match (true) {
                $value === $shown => 1.0,
                $test->kind->isMistaken($test->answers[(int) $value] ?? '', $test->answers[(int) $shown] ?? '') => self::NEXT,
                default => $test->kind === TestKind::Look ? self::WRONGLY_SEEN : self::WRONG,
            };
        }
        [$fixed, $share] = self::error($test->kind);
        $spread = hypot($fixed + $share * abs($shown), $test->spread);

        $squares = min(600.0, (max(0.0, abs($value - $shown) - $half - $test->half) / $spread) ** 2);
        // What may lie anywhere in between lies at one place of it so much less often.
        $density = max(self::LEAST_DENSITY, $spread * sqrt(2 * M_PI) / ($spread * sqrt(2 * M_PI) + 2 * $half));

        // One in ten is read in haste, or of a vehicle farther off than most.
        return $density * ((1 - self::IN_HASTE) * exp(-0.5 * $squares) + self::IN_HASTE * exp(-0.5 * $squares / self::HASTE ** 2)) + self::WRONG_NUMBER;
    }

    /** The same where nothing is known of what would be shown. */
    public static function ofAnything(Test $test): float
    {
        return $test->kind->isNumber() ? self::ANY_NUMBER : 1 / max(2, count($test->answers));
    }

    /** The same for values a test does not tell apart. */
    public static function outcome(Test $test, float $shown): int
    {
        if (! $test->kind->isNumber() || $shown === FaultTable::ABSENT) {
            return (int) $shown;
        }
        [$fixed, $share] = self::error($test->kind);
        $fixed = hypot($fixed, $test->spread) + 2 * $test->half / self::APART;
        // Steps of so many standard errors, which grow with the value.
        $steps = log(1 + $share * abs($shown) / $fixed) / $share / self::APART;

        return (int) round($shown < 0 ? -$steps : $steps);
    }

    /** @return array{float, float} standard error: fixed, and for each unit read */
    private static function error(TestKind $kind): array
    {
        return match ($kind) {
            TestKind::Drop, TestKind::Across => [0.05, 0.03],
            TestKind::Clamp => [0.15, 0.04],
            default => [0.05, 0.015],
        };
    }
}
