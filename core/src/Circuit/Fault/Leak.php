<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Network\Element\Element;

/** Water in a plug leads to earth, or from a live wire beside it. */
final readonly class Leak extends Fault
{
    /** @param  list<Element>  $water  from each pin */
    public function __construct(FaultKind $kind, private array $water)
    {
        parent::__construct($kind);
    }

    public function elements(array $sound): array
    {
        return [...$sound, ...$this->water];
    }
}
