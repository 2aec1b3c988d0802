<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Zone;
use LampThread\Circuit\Fault\BadJoint;
use LampThread\Circuit\Fault\FuseBridged;
use LampThread\Circuit\Fault\NextFuseUp;
use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;
use LampThread\Parts\FuseGates;
use LampThread\Parts\FusePart;

/** A fuse in its holder. */
final readonly class Fuse extends Component implements Protective
{
    /** What the two contacts of its holder or studs add, Ω (common practice, no source). */
    private const HOLDER_OHM = 0.0008;

    /** @param  float|null  $sharedA  rating of the vehicle's fuse its feed comes through, A; null where it has none before it */
    public function __construct(string $id, string $mark, Message $name, public FusePart $part, public Zone $zone, public ?float $sharedA = null)
    {
        parent::__construct($id, $mark, $name);
    }

    /** Whether there is none, but the vehicle's own before it protects what is behind. */
    public function isVehicles(): bool
    {
        return $this->part->isNone() && $this->sharedA !== null;
    }

    public function ratedA(): float
    {
        return $this->part->isNone() ? $this->sharedA ?? $this->part->ratedA : $this->part->ratedA;
    }

    public function warmA(): float
    {
        return FusePart::ratedAt($this->ratedA(), $this->zone->ambientC());
    }

    public function gates(): FuseGates
    {
        return $this->part->gates;
    }

    public function opensInCircuit(): bool
    {
        return ! $this->isVehicles();
    }

    /** Wherever it sits and whatever it feeds. */
    public function isSameAs(Component $other): bool
    {
        return $other instanceof self && $this->part == $other->part;
    }

    public function termination(string $number): Termination
    {
        return $this->part->isOnStuds() ? Termination::Stud : Termination::HolderLead;
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('1'), $this->terminal('2'), $this->part->isNone() ? Symbol::BodyThread : Symbol::Fuse)];
    }

    public function figure(): ?Quantity
    {
        return $this->part->isNone() ? null : Unit::Ampere->of($this->part->ratedA);
    }

    public function faults(): array
    {
        return [new Open, ...BadJoint::stages($this->jointElements()), ...($this->part->isNone() ? [] : [new NextFuseUp, new FuseBridged])];
    }

    public function badJoints(float $ohm): array
    {
        return [BadJoint::of($this->jointElements(), $ohm)];
    }

    public function partsList(): array
    {
        return $this->part->isNone() ? [] : [new PartsListEntry(Message::of('part.fuse-and-holder', part: $this->part->name), $this->part->price)];
    }

    public function fittingStep(): ?Message
    {
        return $this->part->isNone() ? null : Message::of('step.fit.fuse', mark: $this->mark, part: $this->part->name);
    }

    /** Link and holder, cold, Ω. */
    public function ohm(): float
    {
        return $this->part->coldMilliohm / 1000 + self::HOLDER_OHM;
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), $this->ohm())];
    }
}
