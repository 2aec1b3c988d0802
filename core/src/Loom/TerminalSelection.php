<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Wire;
use LampThread\Parts\Shelf;
use LampThread\Parts\TerminalPart;

/** Which terminal is crimped on an end of a wire: the smallest of its kind that takes it. */
final readonly class TerminalSelection
{
    public function __construct(private Shelf $shelf, private Circuit $circuit) {}

    /** Null where no terminal of the shelf takes the wire there. */
    public function at(string $terminal, Wire $wire, float $currentA): ?TerminalPart
    {
        $shape = $this->circuit->terminationAt($terminal)->shape()->value;
        foreach ($this->shelf->terminals() as $part) {
            $takes = $part->maxAreaMm2 >= $wire->conductor->areaMm2 && $part->maxA >= $currentA;
            if ($takes && $part->shape === $shape) {
                return $part;
            }
        }

        return null;
    }
}
