<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\Breakable;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Network\Element\Element;

/** A crimp, a plug, a stud or a contact that fails by and by. */
final readonly class BadJoint extends Fault
{
    /** What a joint has more than it should at each stage of its failing, Ω (common practice, no source). */
    private const STAGES_OHM = [0.1, 0.3, 1.0];

    private function __construct(FaultKind $kind, private Breakable $part, private float $ohm)
    {
        parent::__construct($kind);
    }

    /** @return list<self> one at each stage, the least first */
    public static function stages(Breakable $part): array
    {
        [$slight, $partial, $high] = self::STAGES_OHM;

        return [
            new self(FaultKind::SlightJoint, $part, $slight), new self(FaultKind::PartialJoint, $part, $partial), new self(FaultKind::HighResistance, $part, $high),
        ];
    }

    public function elements(array $sound): array
    {
        return array_map(fn (Element $element): Element => $this->part->isInJoint($element->name()) ? $element->inSeriesWith($this->ohm) : $element, $sound);
    }

    public function jointOhm(): float
    {
        return $this->ohm;
    }

    public function isFullyFailed(): bool
    {
        return $this->kind === FaultKind::HighResistance;
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::NothingFlowsInJoint;
    }
}
