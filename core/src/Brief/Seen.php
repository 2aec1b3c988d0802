<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** How something of a vehicle is known. */
enum Seen: string
{
    case Measured = 'measured';
    case Seen = 'seen';
    case Told = 'told';
    case Assumed = 'assumed';

    /** Whether it may be judged: what is only assumed is taken, said, and judged by no rule. */
    public function isJudged(): bool
    {
        return $this !== self::Assumed;
    }
}
