<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The air conditioning as far as the fan is concerned. */
final readonly class AirConditioning
{
    /** @param  float|null  $fuseA  fuse the wire that is tapped is behind, A; 0 for none, null where nobody has looked */
    public function __construct(
        public Compressor $compressor,
        public AirConditioningTrigger $trigger,
        public ?float $fuseA = null,
    ) {}
}
