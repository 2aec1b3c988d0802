<?php

declare(strict_types=1);

namespace LampThread\Plans;

/** One way a job could be done: what is chosen in each respect, and what that changes in its file. */
final readonly class Draft
{
    /**
     * @param  array<string, string>  $choices  respect (`arrangement`, `fan`, `place`, `override`, `trigger`, `after-run`, `policy`) to what is chosen
     * @param  array<string, mixed>  $changes  place of the job file to its new value
     */
    public function __construct(public array $choices, public array $changes) {}

    /** The same for the same choices. */
    public function id(): string
    {
        return implode('/', $this->choices);
    }

    /**
     * @param  array<string, string>  $choices
     * @param  array<string, mixed>  $changes
     */
    public function with(array $choices, array $changes): self
    {
        return new self([...$this->choices, ...$choices], [...$this->changes, ...$changes]);
    }

    /** In how many respects it is another plan. */
    public function differsFrom(self $other): int
    {
        return count(array_diff_assoc($this->choices, $other->choices));
    }
}
