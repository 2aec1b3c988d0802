<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Zone;
use LampThread\Circuit\Fault\BadJoint;
use LampThread\Circuit\Fault\FuseBridged;
use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;
use LampThread\Parts\FuseGates;
use LampThread\Parts\FusePart;

/** A thermal breaker in place of a fuse: it opens as a slow fuse does, and is pressed in again by hand. */
final readonly class ThermalBreaker extends Component implements Protective
{
    public function __construct(string $id, string $mark, Message $name, private FusePart $part, private Zone $zone)
    {
        parent::__construct($id, $mark, $name);
    }

    public function ratedA(): float
    {
        return $this->part->ratedA;
    }

    public function warmA(): float
    {
        return FusePart::ratedAt($this->part->ratedA, $this->zone->ambientC());
    }

    public function gates(): FuseGates
    {
        return $this->part->gates;
    }

    public function opensInCircuit(): bool
    {
        return true;
    }

    public function termination(string $number): Termination
    {
        return Termination::Stud;
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('1'), $this->terminal('2'), Symbol::ThermalMake)];
    }

    public function figure(): Quantity
    {
        return Unit::Ampere->of($this->part->ratedA);
    }

    public function faults(): array
    {
        return [new Open, ...BadJoint::stages($this->jointElements()), new FuseBridged];
    }

    public function partsList(): array
    {
        return [new PartsListEntry($this->part->label(), $this->part->price)];
    }

    public function fittingStep(): Message
    {
        return Message::of('step.fit.breaker', mark: $this->mark, part: $this->part->name);
    }

    public function badJoints(float $ohm): array
    {
        return [BadJoint::of($this->jointElements(), $ohm)];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), $this->part->coldMilliohm / 1000)];
    }
}
