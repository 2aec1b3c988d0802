<?php

declare(strict_types=1);

namespace LampThread\Proof;

/** One thing about a design that its builder should know, with the numbers that show it. */
final readonly class Finding
{
    /**
     * @param  string  $code  stable name of the rule
     * @param  string  $subject  id of the component or reel it is about
     * @param  string  $briefPath  JSON pointer to the answer it hangs on
     * @param  array<string, array{float, string}>  $numbers  name to value and unit
     * @param  list<Remedy>  $remedies
     * @param  int|null  $shownBy  number of a proven state that shows it
     * @param  array<string, string>  $faults  part to how it is broken there
     */
    public function __construct(
        public string $code,
        public Severity $severity,
        public string $title,
        public string $reason,
        public string $subject,
        public string $briefPath,
        public array $numbers,
        public array $remedies,
        public ?int $shownBy = null,
        public array $faults = [],
    ) {}

    /** @param  non-empty-list<string>  $others  what the same cause brings with it */
    public function also(array $others): self
    {
        return new self(
            $this->code, $this->severity, $this->title, $this->reason.' With it: '.implode('; ', $others).'.', $this->subject, $this->briefPath,
            $this->numbers, $this->remedies, $this->shownBy, $this->faults,
        );
    }

    /** @param  list<Remedy>  $remedies */
    public function with(array $remedies): self
    {
        return new self(
            $this->code, $this->severity, $this->title, $this->reason, $this->subject, $this->briefPath, $this->numbers, $remedies, $this->shownBy, $this->faults,
        );
    }
}
