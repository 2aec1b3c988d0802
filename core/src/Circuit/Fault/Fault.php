<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\StatefulComponent;
use LampThread\Network\Element\Element;

/**
 * One way in which one part or wire has failed. It answers for itself: what the part is then made of, where it stays, how long it lasts, whose
 * doing it is, and how the part shows it in the hand.
 *
 * A new kind is a word in FaultKind with its text and its rate, a class here, and its place among the faults() of the parts that fail so.
 * Proof, Trail, Plans and the bench take it from there: EveryFaultIsShownTest fails where one does not.
 */
abstract readonly class Fault
{
    public function __construct(public FaultKind $kind) {}

    /** The same for what makes the same of the same part. */
    public function key(): string
    {
        return $this->kind->value;
    }

    /**
     * What the part is made of electrically with it.
     *
     * @param  list<Element>  $sound  what it is made of when it is whole
     * @return list<Element>
     */
    public function elements(array $sound): array
    {
        return $sound;
    }

    /** @return array{string, string}|null two terminals whose wires have been exchanged */
    public function exchanged(): ?array
    {
        return null;
    }

    /** Where the part stays; null where it moves freely. */
    public function position(StatefulComponent $part): ?int
    {
        return null;
    }

    /** How much less the part reads than there is, K; below 0 where it reads more. */
    public function driftK(): float
    {
        return 0.0;
    }

    /** What it adds in series, Ω; null for what is no bad joint. */
    public function jointOhm(): ?float
    {
        return null;
    }

    /** Whether a relay still clicks with it: not one whose contact is welded, as nothing in it moves. */
    public function clicks(): bool
    {
        return true;
    }

    /** What it adds inside a motor, Ω. */
    public function brushOhm(): float
    {
        return 0.0;
    }

    /** Whether it is in an element of the part, where it is not in the whole of it. */
    public function isIn(string $element): bool
    {
        return false;
    }

    /** Whether it is a bad joint, at one of the stages of its failing: of those the worst stands for all. */
    public function isJoint(): bool
    {
        return $this->jointOhm() !== null;
    }

    /** Whether it is as bad as it gets: of what fails by and by, its last stage. */
    public function isFullyFailed(): bool
    {
        return true;
    }

    /** Whether a hand did it, fitting or mending, so that no part could have prevented it. */
    public function isByHand(): bool
    {
        return false;
    }

    /** How long it lasts, s; INF for what stays. */
    public function lastsS(): float
    {
        return INF;
    }

    /** Whether the part can fail so while key and engine are as they are. */
    public function canHappen(OperatingConditions $conditions): bool
    {
        return true;
    }

    /** Whether the vehicle itself tells of it at once, by its charge lamp or its starter. */
    public function isToldByVehicle(): bool
    {
        return false;
    }

    /** What is known of a state in which it changes nothing, so that it need not be solved there. */
    public function idleWhere(): IdleWhere
    {
        return IdleWhere::Nowhere;
    }

    /** Whether the volts beyond it are gone even where it carried nothing, as a meter shows. */
    public function takesVoltsAway(): bool
    {
        return false;
    }

    /** Whether another fuse, or none, is in a fuse's place: judged by what then burns. */
    public function isOfRating(): bool
    {
        return false;
    }

    /**
     * Rating of what is in a fuse's place, A.
     *
     * @param  float  $ratedA  of the fuse that belongs there, A
     */
    public function ratedA(float $ratedA): float
    {
        return $ratedA;
    }

    /** Whether it lets the starter's current through the loom. */
    public function bringsStarterCurrent(): bool
    {
        return false;
    }

    /** How the part shows it taken by itself, out of its circuit. */
    public function inTheHand(): InTheHand
    {
        return new InTheHand;
    }

    /** Whether another part in its place cures it: not what a hand did to its wires, nor what is in the joint. */
    public function isCuredByAnother(): bool
    {
        return ! $this->isByHand() && ! $this->isJoint();
    }
}
