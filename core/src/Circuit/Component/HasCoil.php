<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Network\NodeVoltages;

/** A relay, or what holds one: its armature is pulled in or released. */
interface HasCoil
{
    /** Voltage across its coil, V. */
    public function coilV(NodeVoltages $voltages): float;

    public function isPulledIn(int $position): bool;
}
