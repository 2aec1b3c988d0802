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

    /** Lets its contact into the trigger line of a stage. */
    public function install(Harness $harness, TriggerLine $line): void;

    /** Whether it opens the trigger lines, and not the feed of all of them. */
    public function isInLine(): bool;

    /** Whether it keeps the fan off now. */
    public function isOpen(OperatingConditions $conditions): bool;

    /** Whether it leaves the fan to an override that asks for it. */
    public function yieldsToOverride(): bool;
}
