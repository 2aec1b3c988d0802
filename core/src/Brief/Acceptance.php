<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** A finding the installer has looked at and lets stand. */
final readonly class Acceptance
{
    /**
     * @param  string  $by  who answers for it
     * @param  string  $on  day, as 2026-11-25
     */
    public function __construct(public string $reason, public string $by, public string $on) {}
}
