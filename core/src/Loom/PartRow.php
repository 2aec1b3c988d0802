<?php

declare(strict_types=1);

namespace LampThread\Loom;

/** One line of the parts list. */
final readonly class PartRow
{
    public function __construct(
        public string $part,
        public float $quantity,
        public string $unit,
        public string $for,
    ) {}
}
