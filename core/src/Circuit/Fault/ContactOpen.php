<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Network\Element\Element;

/** One contact of several: nothing gets through it, and all through the others. */
final readonly class ContactOpen extends Fault
{
    public function __construct(private string $from, private string $to)
    {
        parent::__construct(FaultKind::Open);
    }

    public function key(): string
    {
        return "open:{$this->from}>{$this->to}";
    }

    public function elements(array $sound): array
    {
        return array_values(array_filter($sound, fn (Element $element): bool => $element->from() !== $this->from || $element->to() !== $this->to));
    }

    /** Which of its contacts an element is depends on where it stands. */
    public function isIn(string $element): bool
    {
        return true;
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::NothingFlowsInIt;
    }

    public function takesVoltsAway(): bool
    {
        return true;
    }
}
