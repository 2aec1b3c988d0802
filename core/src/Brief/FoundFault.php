<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Something that is wrong with the vehicle as it was found. */
final readonly class FoundFault
{
    /**
     * @param  string  $part  id of the part or wire in the found circuit
     * @param  string  $fault  as the catalogue of faults calls it
     */
    public function __construct(public string $part, public string $fault, public string $note = '') {}
}
