<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Network\Element\Element;

/** A fan's motor with worn brushes: it has its volts and turns, but weakly. */
final readonly class Worn extends Fault
{
    /** @param  float  $ohm  that its brushes add, Ω */
    public function __construct(private float $ohm)
    {
        parent::__construct(FaultKind::Worn);
    }

    public function elements(array $sound): array
    {
        return array_map(fn (Element $element): Element => $element->inSeriesWith($this->ohm), $sound);
    }

    public function brushOhm(): float
    {
        return $this->ohm;
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::NothingFlows;
    }

    public function inTheHand(): InTheHand
    {
        return new InTheHand(fed: 'turns-weakly');
    }
}
