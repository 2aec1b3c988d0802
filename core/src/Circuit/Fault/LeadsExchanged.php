<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Network\Element\Element;

/** Plus and minus of a fan are exchanged. */
final readonly class LeadsExchanged extends Fault
{
    public function __construct(private string $plus, private string $minus)
    {
        parent::__construct(FaultKind::LeadsExchanged);
    }

    public function elements(array $sound): array
    {
        return array_map(fn (Element $element): Element => $element->between($this->minus, $this->plus), $sound);
    }

    public function isByHand(): bool
    {
        return true;
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::AtRest;
    }

    public function inTheHand(): InTheHand
    {
        return new InTheHand(fed: 'backwards');
    }
}
