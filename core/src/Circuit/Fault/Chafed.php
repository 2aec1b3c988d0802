<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Network\Element\Element;

/** A wire rubbed through to the body. */
final readonly class Chafed extends Fault
{
    /** @param  Element  $toEarth  what joins it to the body */
    public function __construct(private Element $toEarth)
    {
        parent::__construct(FaultKind::Chafed);
    }

    public function elements(array $sound): array
    {
        return [...$sound, $this->toEarth];
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::AtEarth;
    }

    public function inTheHand(): InTheHand
    {
        return new InTheHand(along: 'rubbed');
    }
}
