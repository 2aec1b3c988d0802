<?php

declare(strict_types=1);

namespace LampThread\Road;

/** Set points proposed for one stage, with what bounds them. */
final readonly class Advice
{
    /**
     * @param  string|null  $switch  fixed pair that comes nearest, where the stage is decided by one
     * @param  list<array{what: string, valueC: float, says: string}>  $bounds
     * @param  list<string>  $verdicts  what is to be said of the values it has now; empty where they are sound
     */
    public function __construct(
        public int $stage,
        public float $onC,
        public float $offC,
        public ?string $switch,
        public array $bounds,
        public array $verdicts,
    ) {}
}
