<?php

declare(strict_types=1);

namespace LampThread\Proof;

/** What a fault does at its worst, worst first. */
enum Harm: string
{
    /** Something carries more than it stands and no fuse opens in time. */
    case FireSide = 'fire-side';
    /** No fan runs when it is hot. */
    case NoCooling = 'no cooling';
    /** Less air than there was when it is hot. */
    case LessCooling = 'less cooling';
    /** The battery is drawn from with the key out. */
    case Drains = 'drains';
    /** Something is lost that nobody misses until it is needed. */
    case Silent = 'silent';
    /** A fan runs that nobody asked. */
    case RunsOn = 'runs on';
    case Harmless = 'harmless';

    public function severity(): Severity
    {
        return match ($this) {
            self::FireSide, self::NoCooling => Severity::Danger,
            self::LessCooling, self::Drains => Severity::Warning,
            default => Severity::Note,
        };
    }
}
