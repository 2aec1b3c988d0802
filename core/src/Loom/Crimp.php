<?php

declare(strict_types=1);

namespace LampThread\Loom;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\EarthPoint;
use LampThread\Circuit\Wire;
use LampThread\Shelf\Shelf;
use LampThread\Shelf\TerminalPart;

/** Which terminal is crimped on an end of a wire: a ring at battery and earth studs, else the smallest blade that takes it. */
final readonly class Crimp
{
    public function __construct(private Shelf $shelf, private Circuit $circuit) {}

    /** @throws \OutOfBoundsException when no terminal of the shelf takes the wire */
    public function at(string $terminal, Wire $wire, float $currentA): TerminalPart
    {
        $component = explode(':', $terminal)[0];
        $isStud = $component === 'battery' || ($this->circuit->components[$component] ?? null) instanceof EarthPoint;
        foreach ($this->shelf->terminals() as $part) {
            $takes = $part->maxAreaMm2 >= $wire->conductor->areaMm2 && $part->maxA >= $currentA;
            if ($takes && $isStud === ($part->shape === 'ring')) {
                return $part;
            }
        }

        throw new \OutOfBoundsException("No terminal on the shelf takes {$wire->conductor->designation}.");
    }
}
