<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;

/** A component that takes a position of its own accord, from what it feels. */
interface Settling
{
    /** Position before the circuit is looked at. */
    public function start(Setting $setting): int;

    /** Position it goes to from the one it is in. */
    public function next(int $position, Setting $setting, Volts $volts): int;

    /** Position in which it is worked as far as it goes: where it stays when it is stuck on. */
    public function worked(): int;

    /** Whether it moves only after everything electrical has come to rest, as a relay's armature does. */
    public function isMechanical(): bool;
}
