<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What the driver may do to the fan. */
interface Override
{
    /** Whether a stage is one of those it acts on. */
    public function concerns(Stage $stage, Control $control): bool;

    /** Whether a lamp is lit while the fan is fed. */
    public function hasIndicator(): bool;

    /** Whether it can make the fan run. */
    public function canRun(): bool;

    /** Whether it can stop the fan. */
    public function canStop(): bool;

    /** Whether it opens the circuit of the computer's sensor. */
    public function opensSensorCircuit(): bool;

    /** Whether it is let into the fan's own feed, so that what ran the fan before still does when it fails. */
    public function changesOverFeed(): bool;
}
