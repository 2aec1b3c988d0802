<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Network\Element\Element;

/** A component or wire that can fail. */
interface Breakable
{
    /** @return list<FaultKind> the ways in which it can fail; none for what the vehicle's maker answers for */
    public function faultKinds(): array;

    /**
     * What it is made of electrically when it has failed. A stuck component is held in its position instead, and is made of what that
     * position has.
     *
     * @param  list<Element>  $sound  what it is made of when it is whole
     * @return list<Element>
     */
    public function broken(FaultKind $kind, array $sound): array;

    /**
     * Two terminals whose wires have been exchanged by a fault; null where it is no such fault.
     *
     * @return array{string, string}|null
     */
    public function exchanged(FaultKind $kind): ?array;

    /** Whether an element of it is what a bad joint adds its resistance to. */
    public function isInJoint(string $element): bool;

    /** How often a bad joint is here, over a wire with its two crimps (common practice, no source). */
    public function jointWeight(): float;

    /**
     * How far an element of it may be off while it is sound.
     *
     * @param  float  $ampere  current through it
     * @param  float  $volts  voltage across it
     */
    public function limit(Element $element, float $ampere, float $volts): Limit;

    /** Whether it can fail so while key and engine are as they are: a battery is not turned while the engine runs. */
    public function canFail(FaultKind $kind, OperatingConditions $conditions): bool;
}
