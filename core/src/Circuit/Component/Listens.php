<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** A component a hand or the vehicle works from outside: the bench has an input for it. */
interface Listens
{
    /** Name of the input; several components may listen to one. */
    public function input(): string;

    /** In the trade's words. */
    public function inputLabel(): string;

    /** @return non-empty-list<string> the usual position first */
    public function inputPositions(): array;
}
