<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** How the air conditioning makes the fan run. */
interface AirConditioningTrigger
{
    /** Whether it hangs on the wire that feeds the compressor's clutch. */
    public function usesClutchWire(): bool;

    /** Whose input it asks by; null where it works the trigger or the fan itself. */
    public function request(): ?RequestInput;

    /** Whether it has a relay whose coil is fed past the coil feed. */
    public function hasFedRelay(): bool;
}
