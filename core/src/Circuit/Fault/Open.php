<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\StatefulComponent;

/** Nothing gets through: blown, cut, pulled out, worn away. */
final readonly class Open extends Fault
{
    public function __construct()
    {
        parent::__construct(FaultKind::Open);
    }

    public function elements(array $sound): array
    {
        return [];
    }

    public function position(StatefulComponent $part): int
    {
        return 0;
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::NothingFlows;
    }

    public function takesVoltsAway(): bool
    {
        return true;
    }

    public function inTheHand(): InTheHand
    {
        return new InTheHand(pulled: 'blown', fed: 'stands', acts: 'never-acts');
    }
}
