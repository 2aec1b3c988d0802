<?php

declare(strict_types=1);

namespace LampThread\Shelf;

/** A part the brief has already named, judged but not chosen: a switch, a computer's output, an earth point. */
final readonly class GivenPart
{
    public function __construct(public string $id, public string $name) {}
}
