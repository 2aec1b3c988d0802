<?php

declare(strict_types=1);

namespace LampThread\Parts;

use LampThread\Message\Message;

/** A crimp terminal by the wire it takes and the current it carries. */
final readonly class TerminalPart implements Part
{
    public function __construct(
        public string $id,
        public string $name,
        public string $shape,
        public float $maxAreaMm2,
        public float $maxA,
        public float $price,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function label(): Message
    {
        return Message::verbatim($this->name);
    }

    public function unitPrice(): float
    {
        return $this->price;
    }
}
