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

    /** Where the coils' feed is taken from, where that is live at all times. */
    public const LIVE_COIL_FEED = 'live-coil-feed';

    /** The vehicle's clutch wire. */
    public const CLUTCH = 'clutch';

    /** Where the vehicle's minus of a fan ends, where a relay is let in before it. */
    public static function returnOf(string $fanId): string
    {
        return "return-of/{$fanId}";
    }

    /** Where a fan's feed must go to reach it: the fan itself, or the rest contact of a relay let in before it. */
    public static function feedOf(string $fanId): string
    {
        return "feed-of/{$fanId}";
    }
}
