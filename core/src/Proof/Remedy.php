<?php

declare(strict_types=1);

namespace LampThread\Proof;

/** A change to the job that takes a finding away. */
final readonly class Remedy
{
    /**
     * @param  array<string, mixed>  $changes  JSON pointer into the job file to the value it takes; null takes the entry out
     * @param  list<string>  $removes  titles of the findings it takes away, once tried
     * @param  list<string>  $adds  titles of those it brings
     * @param  float|null  $cost  what the parts cost more, in the workshop's own money; null where it was not tried
     */
    public function __construct(
        public string $label,
        public array $changes,
        public array $removes = [],
        public array $adds = [],
        public ?float $cost = null,
    ) {}
}
