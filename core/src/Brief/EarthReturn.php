<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where the loom's earth wires end. */
enum EarthReturn: string
{
    case Battery = 'battery';
    case Body = 'body';
    case Engine = 'engine';

    /** Lug, stud and the way back to battery negative, Ω (common practice, no source). */
    public function ohm(): float
    {
        return match ($this) {
            self::Battery => 0.0005,
            self::Body => 0.002,
            self::Engine => 0.0015,
        };
    }
}
