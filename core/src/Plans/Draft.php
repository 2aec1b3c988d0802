<?php

declare(strict_types=1);

namespace LampThread\Plans;

use LampThread\Brief\Changes;

/** One way a job could be done: what is chosen in each respect, and what that changes in its file. */
final readonly class Draft
{
    /**
     * @param  array<string, string>  $choices  respect (`arrangement`, `fan`, `place`, `override`, `trigger`, `after-run`, `policy`) to what is chosen
     */
    public function __construct(public array $choices, public Changes $changes) {}

    /** The same for the same choices. */
    public function id(): string
    {
        return implode('/', $this->choices);
    }

    /** @param  array<string, string>  $choices */
    public function with(array $choices, Changes $changes): self
    {
        return new self([...$this->choices, ...$choices], $this->changes->and($changes));
    }

    /** In how many respects it is another plan. */
    public function differsFrom(self $other): int
    {
        return count(array_diff_assoc($this->choices, $other->choices));
    }
}
