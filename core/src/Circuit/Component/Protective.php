<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Parts\FuseGates;

/** What opens before a wire behind it burns. */
interface Protective
{
    /** Rated current, A. */
    public function ratedA(): float;

    /** What is left of that where it sits, warm, A. */
    public function warmA(): float;

    /** Its opening times; null where its family is not known. */
    public function gates(): ?FuseGates;

    /** Whether it can open itself, as a fuse does; a protection of the vehicle that is only told of is not part of the circuit. */
    public function opensInCircuit(): bool;
}
