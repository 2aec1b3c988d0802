<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** When the fan must not run. */
final readonly class Lockouts
{
    /**
     * @param  EngineSpeedSwitch|null  $engineSpeed  null for no such lockout
     * @param  bool  $cranking  off while the starter turns
     */
    public function __construct(
        public ?EngineSpeedSwitch $engineSpeed,
        public bool $cranking,
    ) {}
}
