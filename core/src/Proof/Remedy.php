<?php

declare(strict_types=1);

namespace LampThread\Proof;

/** A change to the job that takes a finding away. */
final readonly class Remedy
{
    /** @param  array<string, mixed>  $changes  JSON pointer into the job file to the value it takes; null takes the entry out */
    public function __construct(
        public string $label,
        public array $changes,
    ) {}
}
