<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Message\Message;

/** One terminal of a part as it is seen from the wire side, with what is joined to it. */
final readonly class Pin
{
    /**
     * @param  int  $column  of its place, from 0 on the left
     * @param  int  $row  from 0 at the top
     * @param  list<array{wire: string, colour: string, size: string, to: Message}>  $wires  in the order of their numbers
     */
    public function __construct(public string $number, public int $column, public int $row, public array $wires) {}
}
