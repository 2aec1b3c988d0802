<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Message\Message;
use LampThread\Parts\Part;

/** A part the brief has already named, judged but not chosen: a switch, a computer's output, an earth point. */
final readonly class GivenPart implements Part
{
    public function __construct(private string $id, private Message $label) {}

    public function id(): string
    {
        return $this->id;
    }

    public function label(): Message
    {
        return $this->label;
    }

    public function unitPrice(): null
    {
        return null;
    }
}
