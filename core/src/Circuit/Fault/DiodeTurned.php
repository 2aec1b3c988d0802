<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Network\Element\Element;

/** The diode across a coil is fitted the wrong way round. */
final readonly class DiodeTurned extends Fault
{
    /** @param  Element  $turned  it, as it then lies, by the name it has when it lies rightly */
    public function __construct(private Element $turned)
    {
        parent::__construct(FaultKind::DiodeTurned);
    }

    public function elements(array $sound): array
    {
        return array_map(fn (Element $element): Element => $element->name() === $this->turned->name() ? $this->turned : $element, $sound);
    }

    public function isByHand(): bool
    {
        return true;
    }

    /** It is in the relay. */
    public function isCuredByAnother(): bool
    {
        return true;
    }
}
