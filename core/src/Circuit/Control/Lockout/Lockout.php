<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Lockout;

use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;

/** A contact in the trigger lines that keeps the fan off. */
interface Lockout
{
    /** Its field among the lockouts of a job file. */
    public static function field(): string;

    public function install(Harness $harness, TriggerLine $line): void;

    /** Whether it keeps the fan off now. */
    public function isOpen(OperatingConditions $conditions): bool;

    /** Whether it leaves the fan to an override that asks for it. */
    public function yieldsToOverride(): bool;
}
