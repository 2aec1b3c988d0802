<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where the loom's earth wires end. */
enum EarthReturn: string
{
    case Battery = 'battery';
    case Body = 'body';
    case Engine = 'engine';

    /** Lug and stud at the battery, Ω (common practice, no source). */
    private const LUG_OHM = 0.0005;

    /** What the engine's own strap has of the way through the body (common practice, no source). */
    private const ENGINE_SHARE = 0.75;

    /** Lug, stud and the way back to battery negative, Ω. */
    public function ohm(Supply $supply): float
    {
        return match ($this) {
            self::Battery => self::LUG_OHM,
            self::Body => $supply->bodyOhm(),
            self::Engine => self::ENGINE_SHARE * $supply->bodyOhm(),
        };
    }
}
