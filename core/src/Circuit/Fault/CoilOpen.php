<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\StatefulComponent;
use LampThread\Network\Element\Element;

/** A coil whose winding is broken. */
final readonly class CoilOpen extends Fault
{
    /** @param  string  $winding  its element */
    public function __construct(private string $winding)
    {
        parent::__construct(FaultKind::CoilOpen);
    }

    public function elements(array $sound): array
    {
        return array_values(array_filter($sound, fn (Element $element): bool => $element->name() !== $this->winding));
    }

    public function position(StatefulComponent $part): int
    {
        return 0;
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::NothingFlowsInCoil;
    }

    public function takesVoltsAway(): bool
    {
        return true;
    }

    public function inTheHand(): InTheHand
    {
        return new InTheHand(coil: 'open');
    }
}
