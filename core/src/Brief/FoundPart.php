<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What is known of a fuse, a relay, a group of wires or a fan's connector that was found in the vehicle. */
final readonly class FoundPart
{
    /**
     * @param  float|null  $ratedA  of a fuse or a relay's contact, A; null where nobody has looked
     * @param  float|null  $beforeA  of a fuse before anyone changed it, A; null where nobody knows
     * @param  float|null  $areaMm2  copper of a group of wires, mm²; null where nobody has looked
     * @param  float|null  $pinA  what each pin of a fan's connector carries, A; null where nobody has looked
     */
    public function __construct(
        public ?float $ratedA = null,
        public ?float $beforeA = null,
        public ?float $areaMm2 = null,
        public ?float $pinA = null,
        public Seen $seen = Seen::Told,
    ) {}
}
