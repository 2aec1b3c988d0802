<?php

declare(strict_types=1);

namespace LampThread\Observation;

/** What a fan is seen to do. */
enum FanLook: string
{
    case Stands = 'stands';
    case Slow = 'slow';
    case Fast = 'fast';
    case Backwards = 'backwards';

    /** Share of its rated speed from which it is seen to turn, and to turn fast (common practice, no source). */
    public const TURNS_SHARE = 0.05;

    private const FAST_SHARE = 0.7;

    public static function of(float $speedShare): self
    {
        return match (true) {
            $speedShare < -self::TURNS_SHARE => self::Backwards,
            $speedShare < self::TURNS_SHARE => self::Stands,
            $speedShare < self::FAST_SHARE => self::Slow,
            default => self::Fast,
        };
    }
}
