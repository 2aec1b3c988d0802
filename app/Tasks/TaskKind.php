<?php

declare(strict_types=1);

namespace App\Tasks;

/** Work that takes too long to be waited for within a request. */
enum TaskKind: string
{
    case Pairs = 'pairs';
    case Sweep = 'sweep';

    /** @return class-string<Work> */
    public function work(): string
    {
        return match ($this) {
            self::Pairs => PairsWork::class,
            self::Sweep => SweepWork::class,
        };
    }
}
