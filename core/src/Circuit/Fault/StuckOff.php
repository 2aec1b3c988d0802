<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\StatefulComponent;

/** It stays as if it were at rest: a relay that does not pull in, a switch that stays cold. */
final readonly class StuckOff extends Fault
{
    public function __construct()
    {
        parent::__construct(FaultKind::StuckOff);
    }

    public function position(StatefulComponent $part): int
    {
        return 0;
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::AtRest;
    }

    public function inTheHand(): InTheHand
    {
        return new InTheHand(acts: 'never-acts');
    }
}
