<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Message\Message;
use LampThread\Parts\Part;

/** A part, judged. */
final readonly class Candidate
{
    /** @param  non-empty-list<Constraint>  $constraints */
    public function __construct(
        public Part $part,
        public array $constraints,
    ) {}

    public function label(): Message
    {
        return $this->part->label();
    }

    /** For one piece, or for a metre of cable; null where it is not bought for the job. */
    public function price(): ?float
    {
        return $this->part->unitPrice();
    }

    public function fits(): bool
    {
        return $this->broken() === [];
    }

    /** Whether all it breaks are wishes. */
    public function works(): bool
    {
        return array_filter($this->broken(), static fn (Constraint $constraint): bool => ! $constraint->isWish) === [];
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
