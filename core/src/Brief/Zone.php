<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where a wire or part sits, and the ambient taken there unless the job says otherwise (common practice, no source). */
enum Zone: string
{
    case Radiator = 'radiator';
    case Bay = 'bay';
    case Cabin = 'cabin';
    case Outside = 'outside';

    public function ambientC(): float
    {
        return match ($this) {
            self::Radiator => 85.0,
            self::Bay => 60.0,
            self::Cabin => 40.0,
            self::Outside => 40.0,
        };
    }
}
