<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;

/** One of the faults a part has told of, by its kind. */
trait KnowsItsFaults
{
    public function fault(FaultKind $kind): ?Fault
    {
        foreach ($this->faults() as $fault) {
            if ($fault->kind === $kind) {
                return $fault;
            }
        }

        return null;
    }
}
