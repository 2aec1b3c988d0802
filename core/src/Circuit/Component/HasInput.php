<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;

/** A component that a hand or the vehicle works from outside: the bench has an input for it. */
interface HasInput
{
    /** Name of the input; several components may have the same one. */
    public function input(): string;

    public function inputLabel(): Message;

    /** @return non-empty-list<string> the usual position first */
    public function inputPositions(): array;

    public function source(): InputSource;
}
