<?php

declare(strict_types=1);

namespace LampThread\Circuit;

/** Names under which one part of the wiring makes a terminal known to the others. */
final class SharedTerminal
{
    /** Where the fans' current is taken from. */
    public const FAN_FEED = 'fan-feed';

    /** The fused feed of the coils, after everything that may cut it. */
    public const COIL_FEED = 'coil-feed';

    /** The vehicle's clutch wire. */
    public const CLUTCH = 'clutch';

    /** Where a fan's feed must go to reach it: the fan itself, or the rest contact of a relay let in before it. */
    public static function feedOf(string $fanId): string
    {
        return "feed-of/{$fanId}";
    }
}
