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
     * @param  float  $half  how far what is inside electronics may put it to either side
     * @param  string  $from  terminal the meter’s plus lead is on, where it is held across a part or wire; '' where it is not
     * @param  string  $to  terminal its minus lead is on
     */
    public function __construct(
        public TestKind $kind,
        public ?string $situation,
        public string $spot,
        public float $minutes,
        public array $answers,
        public ?string $caution = null,
        public float $spread = 0.0,
        public float $half = 0.0,
        public string $from = '',
        public string $to = '',
    ) {}

    public function id(): string
    {
        return implode('/', array_filter([$this->kind->value, $this->situation, $this->place()], static fn (?string $part): bool => $part !== null && $part !== ''));
    }

    /** Where it is done: its spot, or of a meter across it both ends, as a part with several ways through it has several. */
    public function place(): string
    {
        return $this->from === '' ? $this->spot : "{$this->from}>{$this->to}";
    }

    /** The same where it takes other minutes. */
    public function within(float $minutes): self
    {
        return new self($this->kind, $this->situation, $this->spot, $minutes, $this->answers, $this->caution, $this->spread, $this->half, $this->from, $this->to);
    }

    /**
     * The same with other answers, and numbers that lie so far off.
     *
     * @param  list<string>  $answers
     */
    public function answeredBy(array $answers, float $spread, float $half): self
    {
        return new self($this->kind, $this->situation, $this->spot, $this->minutes, $answers, $this->caution, $spread, $half, $this->from, $this->to);
    }

    /** Whether it tries a part or wire itself: taken out, fed, swapped, or with a meter across it. */
    public function tries(string $part): bool
    {
        return $this->spot === $part && ($this->situation === null || $this->kind === TestKind::Across);
    }

    /** The column of a fault table that says what it shows. */
    public function column(): string
    {
        return $this->kind === TestKind::Lamp ? "volts/{$this->situation}/{$this->spot}" : $this->id();
    }
}
