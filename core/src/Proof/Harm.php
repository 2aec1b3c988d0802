<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Proof\Finding\Severity;

/** What a fault does at its worst, worst first. Thresholds are common practice, no source, unless one is named. */
enum Harm: string
{
    /**
     * A joint turns 15 W into heat; a wire carries more than its ampacity and no fuse opens, or I²t of its fuse is more than k²S² of the wire
     * (IEC 60949) and it does not stand the current for hours either; a motor that stands still takes more than 100 J for each watt it runs on.
     */
    case Fire = 'fire';
    /** When it is hottest less than a tenth of the air is left. */
    case Stranded = 'stranded';
    /**
     * A connector softens at 5 W; electronics see more than twice the system's voltage, or less than its negative; the clutch, a computer's
     * output or the loom carries what it is not made for.
     */
    case Damage = 'damage';
    /** When it is hot less air is left than there was. */
    case LessCooling = 'less-cooling';
    /** More than 50 mA is drawn with the key out, or the alternator gives nothing. */
    case Drains = 'drains';
    /** Something is lost, or a protection is gone, that nobody misses until it is needed. */
    case Silent = 'silent';
    /** It is heard or seen at once, and harms nothing. */
    case Noticed = 'noticed';
    case Harmless = 'harmless';

    /** From here on a joint softens its connector, and burns, W. */
    public const SOFTENS_W = 5.0;

    public const BURNS_W = 15.0;

    /** Share of the air below which nothing is cooled. */
    public const STRANDED_SHARE = 0.1;

    /** A loss of air nobody would measure. */
    public const SAME_SHARE = 0.97;

    /** More than this with the key out empties a battery, A. */
    public const DRAIN_A = 0.05;

    public function severity(): Severity
    {
        return match ($this) {
            self::Fire, self::Stranded => Severity::Danger,
            self::Damage, self::LessCooling, self::Drains => Severity::Warning,
            self::Silent, self::Noticed, self::Harmless => Severity::Note,
        };
    }

    /** 0 for the worst. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
