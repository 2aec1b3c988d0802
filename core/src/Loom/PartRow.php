<?php

declare(strict_types=1);

namespace LampThread\Loom;

/** One line of the parts list. */
final readonly class PartRow
{
    /**
     * @param  float|null  $price  of a piece or a metre, in the workshop's own money; null where none is known
     * @param  string|null  $instead  the next best that fits, with its price; null where there is none
     */
    public function __construct(
        public string $part,
        public float $quantity,
        public string $unit,
        public string $for,
        public ?float $price = null,
        public ?string $instead = null,
    ) {}
}
