<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The air conditioning as far as the fan is concerned. */
final readonly class AirConditioning
{
    public function __construct(
        public Compressor $compressor,
        public AirConditioningTrigger $trigger,
    ) {}
}
