<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;

/** A fuse is bridged. */
final readonly class FuseBridged extends OtherFuse
{
    public function __construct()
    {
        parent::__construct(FaultKind::FuseBridged);
    }

    public function ratedA(float $ratedA): float
    {
        return INF;
    }
}
