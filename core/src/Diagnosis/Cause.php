<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Fault\Open;

/** One thing that may be wrong, or two at once; in the circuit, or in the cooling system. */
final readonly class Cause
{
    /**
     * @param  float  $weight  how often it is what was wrong, over a broken wire
     * @param  array<string, Fault>  $faults  part to how it has failed; none where the circuit is sound
     * @param  string|null  $cooling  what is wrong that is not electrical
     * @param  list<string>  $opened  fuses it has opened
     * @param  int  $subject  which of several circuits it is in
     * @param  bool  $comesAndGoes  whether it may be there at one test and not at the next
     */
    public function __construct(
        public float $weight, public array $faults, public ?string $cooling = null, public array $opened = [], public int $subject = 0,
        public bool $comesAndGoes = false,
    ) {}

    /** What would be mended: causes of one place need not be told apart. */
    public function place(): string
    {
        return $this->cooling ?? implode('+', array_keys($this->faults));
    }

    /** Whether nothing is wrong. */
    public function isNone(): bool
    {
        return $this->faults === [] && $this->cooling === null;
    }

    public function fault(string $part): ?Fault
    {
        return $this->faults[$part] ?? null;
    }

    /** @param  list<string>  $opened */
    public function withOpened(array $opened): self
    {
        return new self($this->weight, $this->faults, $this->cooling, $opened, $this->subject, $this->comesAndGoes && $opened === []);
    }

    public function isIn(int $subject, float $weight): self
    {
        return new self($weight, $this->faults, $this->cooling, $this->opened, $subject, $this->comesAndGoes);
    }

    /** What is wrong as a situation feels it, with the fuses open that it has opened. */
    public function feltIn(Situation $situation): Faults
    {
        $faults = $situation->felt($this->faults);
        foreach ($this->opened as $fuse) {
            $faults = $faults->and($fuse, new Open);
        }

        return $faults;
    }
}
