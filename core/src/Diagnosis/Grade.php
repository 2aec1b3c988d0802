<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** How hard a hidden fault is to find: what fails often is easy. */
enum Grade: string
{
    case Easy = 'easy';
    case Medium = 'medium';
    case Hard = 'hard';

    private const OFTEN = 2.0;

    private const SELDOM = 0.9;

    public function has(Cause $cause): bool
    {
        return self::of($cause) === $this;
    }

    private static function of(Cause $cause): self
    {
        return match (true) {
            $cause->weight >= self::OFTEN && $cause->outside === null => self::Easy,
            $cause->weight >= self::SELDOM => self::Medium,
            default => self::Hard,
        };
    }
}
