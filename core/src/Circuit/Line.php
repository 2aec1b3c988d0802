<?php

declare(strict_types=1);

namespace LampThread\Circuit;

/** Names under which arrangements leave terminals for others to join. */
final class Line
{
    /** Where the fans' current is taken from. */
    public const FAN_FEED = 'fan-feed';

    /** The fused feed of the coils, after everything that may cut it. */
    public const COIL_FEED = 'coil-feed';

    /** The vehicle's clutch wire. */
    public const CLUTCH = 'clutch';

    /** Where a fan's lead must go to reach it: the fan itself, or the rest contact of a relay let in before it. */
    public static function into(string $fanId): string
    {
        return "into/{$fanId}";
    }
}
