<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\StatefulComponent;
use LampThread\Network\Element\Element;

/** A coil whose winding, or what suppresses it, is shorted. */
final readonly class CoilShort extends Fault
{
    /** @param  Element  $across  what joins the ends of its coil */
    public function __construct(private Element $across)
    {
        parent::__construct(FaultKind::CoilShort);
    }

    public function elements(array $sound): array
    {
        return [...$sound, $this->across];
    }

    public function position(StatefulComponent $part): int
    {
        return 0;
    }

    public function inTheHand(): InTheHand
    {
        return new InTheHand(coil: 'short');
    }
}
