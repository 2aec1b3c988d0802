<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Operation\OperatingPoint;

/** A circuit solved with one cause in it, in every situation. */
final readonly class Solution
{
    /**
     * @param  Cause  $cause  with the fuses it has opened
     * @param  array<string, OperatingPoint>  $points  by situation
     * @param  array<string, float>  $opened  fuse to when it opens, s
     */
    public function __construct(public Cause $cause, public array $points, public Behaviour $behaviour, public array $opened) {}

    /** The same of a cause that differs only in the hand. */
    public function of(Cause $cause): self
    {
        return new self($cause->withOpened(array_keys($this->opened)), $this->points, $this->behaviour, $this->opened);
    }
}
