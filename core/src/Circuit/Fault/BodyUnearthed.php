<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Network\Element\Element;

/** The body of a switch in the coolant has no earth: tape, paint, a plastic housing. In the hand it acts as it should. */
final readonly class BodyUnearthed extends Fault
{
    /** @param  string  $element  the thread in its seat */
    public function __construct(private string $element)
    {
        parent::__construct(FaultKind::BodyUnearthed);
    }

    public function elements(array $sound): array
    {
        return array_values(array_filter($sound, fn (Element $element): bool => ! $this->isIn($element->name())));
    }

    public function isIn(string $element): bool
    {
        return $element === $this->element;
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::NothingFlowsInIt;
    }

    public function takesVoltsAway(): bool
    {
        return true;
    }

    public function isCuredByAnother(): bool
    {
        return false;
    }
}
