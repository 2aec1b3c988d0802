<?php

declare(strict_types=1);

namespace App\Tasks;

/** Work that takes too long to be waited for within a request. */
enum TaskKind: string
{
    case Pairs = 'pairs';
    case Sweep = 'sweep';
    case Band = 'band';
    case Plans = 'plans';

    /** The schema its question fits. */
    public function question(): string
    {
        return match ($this) {
            self::Pairs => 'empty-request',
            self::Sweep, self::Band => 'road-request',
            self::Plans => 'plan-request',
        };
    }

    /** @return class-string<Work> */
    public function work(): string
    {
        return match ($this) {
            self::Pairs => PairsWork::class,
            self::Sweep => SweepWork::class,
            self::Band => BandWork::class,
            self::Plans => PlansWork::class,
        };
    }
}
