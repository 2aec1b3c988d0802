<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\StatefulComponent;
use LampThread\Network\Element\Element;

/** It stays as if it were actuated: a welded contact, a switch that stays hot. */
final readonly class StuckOn extends Fault
{
    /** @param  Element|null  $closed  its contact closed, where no position has that */
    public function __construct(private ?Element $closed = null)
    {
        parent::__construct(FaultKind::StuckOn);
    }

    public function elements(array $sound): array
    {
        return $this->closed === null ? $sound : [
            $this->closed, ...array_values(array_filter($sound, fn (Element $element): bool => $element->name() !== $this->closed->name())),
        ];
    }

    public function position(StatefulComponent $part): int
    {
        return $part->actuatedPosition();
    }

    public function clicks(): bool
    {
        return false;
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::Actuated;
    }

    public function inTheHand(): InTheHand
    {
        return new InTheHand(acts: 'always-acts');
    }
}
