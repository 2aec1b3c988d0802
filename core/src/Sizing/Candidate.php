<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Shelf\Conductor;
use LampThread\Shelf\FusePart;
use LampThread\Shelf\GivenPart;
use LampThread\Shelf\RelayPart;

/** A part, judged. */
final readonly class Candidate
{
    /** @param  non-empty-list<Constraint>  $constraints */
    public function __construct(
        public Conductor|FusePart|RelayPart|GivenPart $part,
        public array $constraints,
    ) {}

    public function label(): string
    {
        return $this->part instanceof Conductor ? $this->part->designation : $this->part->name;
    }

    /** For one piece, or for a metre of cable; null where it is not bought for the job. */
    public function price(): ?float
    {
        return match (true) {
            $this->part instanceof Conductor => $this->part->pricePerM,
            $this->part instanceof GivenPart => null,
            default => $this->part->price,
        };
    }

    public function fits(): bool
    {
        return $this->broken() === [];
    }

    /** @return list<Constraint> */
    public function broken(): array
    {
        return array_values(array_filter($this->constraints, static fn (Constraint $constraint): bool => ! $constraint->isMet));
    }

    /** The constraint it comes closest to breaking, or breaks most. */
    public function deciding(): Constraint
    {
        $deciding = $this->constraints[0];
        foreach ($this->constraints as $constraint) {
            if ($constraint->usedShare() > $deciding->usedShare()) {
                $deciding = $constraint;
            }
        }

        return $deciding;
    }
}
