<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** How good a move is beside the best there was. */
enum Verdict: string
{
    case Best = 'best';
    case Good = 'good';
    case Slow = 'slow';
    /** It could tell nothing that was not known. */
    case Nothing = 'nothing';
    /** Something was named that goes with all that is known, and it is not it. */
    case Fits = 'fits';
    /** What could hurt someone or burn a wire. */
    case Danger = 'danger';

    /** Share of what the best tells a minute (common practice, no source). */
    private const BEST_SHARE = 0.75;

    private const GOOD_SHARE = 0.4;

    private const SLOW_SHARE = 0.02;

    /** Of a move as good as the best: what was right by what could be known counts, however it turned out (common practice, no source). */
    public function worth(): float
    {
        return match ($this) {
            self::Best => 1.0,
            self::Good => 0.9,
            self::Slow, self::Fits => 0.5,
            self::Nothing => 0.1,
            self::Danger => 0.0,
        };
    }

    public static function of(NextTest $chosen, ?NextTest $best): self
    {
        $share = $best === null || $best->bits <= 0 ? 0.0 : $chosen->bitsPerMinute() / $best->bitsPerMinute();

        return match (true) {
            $chosen->test === $best?->test, $share >= self::BEST_SHARE => self::Best,
            $share >= self::GOOD_SHARE => self::Good,
            $share >= self::SLOW_SHARE => self::Slow,
            default => self::Nothing,
        };
    }
}
