<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Fans that start together, and what decides that they do. */
final readonly class Stage
{
    /** @param  non-empty-list<string>  $fanIds */
    public function __construct(
        public string $id,
        public array $fanIds,
        public Side $side,
        public ThermalSwitch $decider,
    ) {}
}
