<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Fault\Open;

/** One thing that may be wrong, or two at once; in the circuit, or outside it. */
final readonly class Cause
{
    /**
     * @param  float  $weight  how often it is what was wrong, over a broken wire
     * @param  array<string, Fault>  $faults  part to how it has failed; none where the circuit is sound
     * @param  string|null  $outside  what is wrong outside the circuit: with the cooling, or the vehicle around it
     * @param  list<string>  $opened  fuses it has opened
     * @param  int  $subject  which of several circuits it is in
     * @param  bool  $comesAndGoes  whether it may be there at one test and not at the next
     * @param  bool  $isBuiltSo  whether it does what it was built to do, so that nothing is to be mended
     */
    public function __construct(
        public float $weight, public array $faults, public ?string $outside = null, public array $opened = [], public int $subject = 0,
        public bool $comesAndGoes = false, public bool $isBuiltSo = false,
    ) {}

    /** What would be mended: causes of one place need not be told apart. */
    public function place(): string
    {
        return $this->outside ?? implode('+', array_keys($this->faults));
    }

    /** Whether nothing is wrong. */
    public function isNone(): bool
    {
        return $this->isBuiltSo || ($this->faults === [] && $this->outside === null);
    }

    /** @return array<string, string> part to how it has failed: of one kind there are several, a joint of each size, a plug at each contact */
    public function ways(): array
    {
        return array_map(static fn (Fault $fault): string => $fault->key(), $this->faults);
    }

    public function fault(string $part): ?Fault
    {
        return $this->faults[$part] ?? null;
    }

    /** @param  list<string>  $opened */
    public function withOpened(array $opened): self
    {
        return new self($this->weight, $this->faults, $this->outside, $opened, $this->subject, $this->comesAndGoes && $opened === [], $this->isBuiltSo);
    }

    public function isIn(int $subject, float $weight): self
    {
        return new self($weight, $this->faults, $this->outside, $this->opened, $subject, $this->comesAndGoes, $this->isBuiltSo);
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
