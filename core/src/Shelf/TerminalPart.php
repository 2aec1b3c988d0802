<?php

declare(strict_types=1);

namespace LampThread\Shelf;

/** A crimp terminal by the wire it takes and the current it carries. */
final readonly class TerminalPart
{
    public function __construct(
        public string $id,
        public string $name,
        public string $shape,
        public float $maxAreaMm2,
        public float $maxA,
        public float $price,
    ) {}
}
