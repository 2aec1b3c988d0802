<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Message\Message;

/** One line of the parts list. */
final readonly class PartRow
{
    /**
     * @param  string  $unit  piece or m
     * @param  float|null  $price  of a piece or a metre, in the workshop's own money; null where none is known
     * @param  Message|null  $instead  the next best that fits, with its price; null where there is none
     */
    public function __construct(
        public Message $part,
        public float $quantity,
        public string $unit,
        public Message $for,
        public ?float $price = null,
        public ?Message $instead = null,
    ) {}
}
