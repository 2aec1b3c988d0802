<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Network\NodeVoltages;

/** A component that takes a position of its own accord, from what it senses. */
interface StatefulComponent
{
    /** Position before the circuit is solved. */
    public function initialPosition(OperatingConditions $conditions): int;

    /** Position it goes to from the one it is in. */
    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int;

    /** Position in which it is fully actuated: where it stays when it is stuck on. */
    public function actuatedPosition(): int;

    /** Whether it moves only after everything electrical has come to rest, as a relay's armature does. */
    public function isMechanical(): bool;
}
