<?php

declare(strict_types=1);

namespace LampThread\Plans;

/** What a plan comes to, by criterion. */
final readonly class Figures
{
    /** @param  array<string, float>  $values  by criterion; for one that is not known yet, the least it can be */
    public function __construct(public array $values) {}

    public function of(Criterion $criterion): float
    {
        return $this->values[$criterion->value];
    }

    /** @param  array<string, float>  $values */
    public function with(array $values): self
    {
        return new self([...$this->values, ...$values]);
    }

    /** Whether it is no worse in anything, and better in something; differences that nobody would feel are none. */
    public function beats(self $other): bool
    {
        $isBetter = false;
        foreach (Criterion::cases() as $criterion) {
            $own = $this->step($criterion);
            $others = $other->step($criterion);
            if ($own > $others) {
                return false;
            }
            $isBetter = $isBetter || $own < $others;
        }

        return $isBetter;
    }

    /** Whether no difference is felt in anything. */
    public function isLike(self $other): bool
    {
        return array_filter(Criterion::cases(), fn (Criterion $criterion): bool => $this->step($criterion) !== $other->step($criterion)) === [];
    }

    /** Whether it puts the other out: it beats it, or is like it, so that the other adds nothing. */
    public function putsOut(self $other): bool
    {
        return $this->beats($other) || $this->isLike($other);
    }

    /** Its value in steps that are felt. */
    private function step(Criterion $criterion): int
    {
        return (int) floor($this->values[$criterion->value] / $criterion->step() + 1e-9);
    }
}
