<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** When the fan must not run. */
final readonly class Lockouts
{
    /**
     * @param  float|null  $aboveRpm  engine speed from which ram air is taken to be enough; null for no such lockout
     * @param  bool  $cranking  off while the starter turns
     */
    public function __construct(
        public ?float $aboveRpm,
        public bool $cranking,
    ) {}
}
