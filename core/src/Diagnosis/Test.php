<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** One thing that can be done to learn more. */
final readonly class Test
{
    /**
     * @param  string|null  $situation  it is done in; null where it does not matter
     * @param  string  $spot  terminal, wire, part or fan; '' where there is none
     * @param  float  $minutes  without what the situation takes
     * @param  list<string>  $answers  what can be seen; none where a number is read
     * @param  string|null  $caution  what to take care of, a code
     * @param  float  $spread  how far a sound vehicle’s own tolerances put the number off, in its unit
     */
    public function __construct(
        public TestKind $kind,
        public ?string $situation,
        public string $spot,
        public float $minutes,
        public array $answers,
        public ?string $caution = null,
        public float $spread = 0.0,
    ) {}

    public function id(): string
    {
        return implode('/', array_filter([$this->kind->value, $this->situation, $this->spot], static fn (?string $part): bool => $part !== null && $part !== ''));
    }

    /** The same where it takes other minutes. */
    public function within(float $minutes): self
    {
        return new self($this->kind, $this->situation, $this->spot, $minutes, $this->answers, $this->caution, $this->spread);
    }

    /** The column of a fault table that says what it shows. */
    public function column(): string
    {
        return $this->kind === TestKind::Lamp ? "volts/{$this->situation}/{$this->spot}" : $this->id();
    }
}
