<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The driver's switch. */
final readonly class Override
{
    /** What a dash switch usually carries, A (common practice, no source). */
    public const USUAL_RATED_A = 10.0;

    /** @param  bool  $indicator  a lamp that is lit while the fan is fed */
    public function __construct(
        public OverrideKind $kind,
        public float $ratedA,
        public bool $indicator,
    ) {}
}
