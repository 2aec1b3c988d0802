<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\StatefulComponent;

/** A fan held fast. */
final readonly class Jammed extends Fault
{
    public function __construct()
    {
        parent::__construct(FaultKind::Jammed);
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
        return new InTheHand(fed: 'stands', turned: 'held-fast');
    }
}
