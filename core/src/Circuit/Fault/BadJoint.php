<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Network\Element\Element;

/** A crimp, a plug, a stud or a contact that fails by and by. */
final readonly class BadJoint extends Fault
{
    /** What a joint has more than it should at each stage of its failing, Ω (common practice, no source). */
    private const STAGES_OHM = [0.1, 0.3, 1.0];

    /** Below these a joint is called slight, and half failed, Ω: halfway between the stages. */
    private const SLIGHT_BELOW_OHM = 0.173;

    private const PARTIAL_BELOW_OHM = 0.548;

    /**
     * @param  list<string>  $elements  what it adds to
     * @param  bool  $isOfPart  whether it goes with the part, so that another cures it
     */
    private function __construct(FaultKind $kind, private array $elements, private float $ohm, private bool $isOfPart)
    {
        parent::__construct($kind);
    }

    /**
     * @param  list<string>  $elements  of the part, each of which has a joint of its own
     * @return list<self> one at each stage, the least first
     */
    public static function stages(array $elements): array
    {
        return array_map(static fn (float $ohm): self => self::of($elements, $ohm), self::STAGES_OHM);
    }

    /**
     * One of any size.
     *
     * @param  list<string>  $elements  what it adds to
     * @param  bool  $isCuredByAnother  whether another part in its place cures it
     */
    public static function of(array $elements, float $ohm, bool $isCuredByAnother = false): self
    {
        return new self(match (true) {
            $ohm < self::SLIGHT_BELOW_OHM => FaultKind::SlightJoint,
            $ohm < self::PARTIAL_BELOW_OHM => FaultKind::PartialJoint,
            default => FaultKind::HighResistance,
        }, $elements, $ohm, $isCuredByAnother);
    }

    public function key(): string
    {
        return implode(',', $this->elements)."+{$this->ohm}";
    }

    public function elements(array $sound): array
    {
        return array_map(fn (Element $element): Element => $this->isIn($element->name()) ? $element->inSeriesWith($this->ohm) : $element, $sound);
    }

    public function isIn(string $element): bool
    {
        return in_array($element, $this->elements, true);
    }

    public function jointOhm(): float
    {
        return $this->ohm;
    }

    public function isCuredByAnother(): bool
    {
        return $this->isOfPart;
    }

    public function isFullyFailed(): bool
    {
        return $this->kind === FaultKind::HighResistance;
    }

    public function idleWhere(): IdleWhere
    {
        return IdleWhere::NothingFlowsInIt;
    }
}
