<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The vehicle as it was found: an arrangement in the same words as what it becomes, and what is known of its parts. */
final readonly class Found
{
    /**
     * @param  Brief  $brief  the same vehicle with the fans, control and stretches that were there
     * @param  array<string, FoundPart>  $parts  by id in its circuit
     * @param  list<FoundFault>  $wrong
     */
    public function __construct(public Brief $brief, public array $parts, public array $wrong) {}

    /** What is known of one of its parts; nothing where it is not named. */
    public function part(string $id): FoundPart
    {
        return $this->parts[$id] ?? new FoundPart(seen: Seen::Assumed);
    }
}
