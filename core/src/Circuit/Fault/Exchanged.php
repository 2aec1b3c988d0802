<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;

/** The wires of two terminals are exchanged. */
final readonly class Exchanged extends Fault
{
    public function __construct(FaultKind $kind, private string $one, private string $other)
    {
        parent::__construct($kind);
    }

    public function exchanged(): array
    {
        return [$this->one, $this->other];
    }

    public function isByHand(): bool
    {
        return true;
    }
}
