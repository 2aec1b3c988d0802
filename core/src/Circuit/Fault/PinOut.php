<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\StatefulComponent;
use LampThread\Network\Element\Element;

/**
 * A contact of a relay's socket or a plug that has backed out or is spread, or a switch's body that has no earth: the wire has what it should, and
 * nothing of it reaches the part, which is sound in the hand.
 */
final readonly class PinOut extends Fault
{
    /** @param  list<string>  $behind  elements it leads to */
    private function __construct(FaultKind $kind, private array $behind)
    {
        parent::__construct($kind);
    }

    /** @param  list<string>  $coil  elements of the coil */
    public static function ofCoil(array $coil): self
    {
        return new self(FaultKind::CoilPinOut, $coil);
    }

    /** @param  list<string>  $contacts  elements of its contacts */
    public static function ofContact(array $contacts): self
    {
        return new self(FaultKind::ContactPinOut, $contacts);
    }

    /** @param  string  $element  contact of a plug */
    public static function ofPlug(string $element): self
    {
        return new self(FaultKind::PlugPinOut, [$element]);
    }

    /** @param  string  $element  thread of a body in its seat: under tape, over paint, in plastic */
    public static function ofBody(string $element): self
    {
        return new self(FaultKind::BodyUnearthed, [$element]);
    }

    public function key(): string
    {
        return "{$this->kind->value}:".implode(',', $this->behind);
    }

    public function elements(array $sound): array
    {
        return array_values(array_filter($sound, fn (Element $element): bool => ! $this->isIn($element->name())));
    }

    public function isIn(string $element): bool
    {
        return in_array($element, $this->behind, true);
    }

    public function position(StatefulComponent $part): ?int
    {
        return $this->kind === FaultKind::CoilPinOut ? 0 : null;
    }

    public function idleWhere(): IdleWhere
    {
        return $this->kind === FaultKind::CoilPinOut ? IdleWhere::NothingFlowsInCoil : IdleWhere::NothingFlowsInIt;
    }

    public function takesVoltsAway(): bool
    {
        return true;
    }

    /** The same socket takes the other relay. */
    public function isCuredByAnother(): bool
    {
        return false;
    }
}
