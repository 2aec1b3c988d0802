<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** How far a number may lie to either side, kept in one byte: steps of a twentieth from a hundredth on. */
final class Half
{
    public const NONE = "\0";

    /** What lies closer is read as the same, V or A. */
    private const LEAST = 0.01;

    private const STEP = 1.05;

    public static function byte(float $half): string
    {
        return $half < self::LEAST ? self::NONE : chr(min(255, 1 + (int) round(log($half / self::LEAST, self::STEP))));
    }

    public static function of(string $byte): float
    {
        return $byte === self::NONE ? 0.0 : self::LEAST * self::STEP ** (ord($byte) - 1);
    }
}
