<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Parts\FusePart;

/** The next larger fuse is put in. */
final readonly class NextFuseUp extends OtherFuse
{
    public function __construct()
    {
        parent::__construct(FaultKind::NextFuseUp);
    }

    public function ratedA(float $ratedA): float
    {
        return FusePart::nextUpA($ratedA);
    }
}
