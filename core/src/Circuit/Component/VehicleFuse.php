<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Zone;
use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;
use LampThread\Parts\FuseGates;
use LampThread\Parts\FusePart;

/** A fuse the vehicle has, with its wire to it and on. What is taken from its circuit shares it. */
final readonly class VehicleFuse extends Component implements Protective
{
    /** Of the fan that was there. */
    public const EXISTING = 'existing';

    /** Of the key's circuit that is tapped. */
    public const KEY = 'key-circuit-fuse';

    /** Of the compressor's clutch. */
    public const CLUTCH = 'clutch-fuse';

    /** Of the vehicle's own condenser fan. */
    public const CONDENSER_FAN = 'condenser-fan-fuse';

    /** What is taken where nobody has looked, A (common practice, no source). */
    public const USUAL_A = 10.0;

    /** And of a fan, A (common practice, no source). */
    public const USUAL_FAN_A = 25.0;

    /** Battery cable, fuse and wire, Ω (common practice, no source). */
    private const LEAD_OHM = 0.008;

    /**
     * @param  float  $ratedA  A; 0 where the installer has found none
     * @param  string|null  $circuit  what it is the fuse of, where its id does not say it
     * @param  bool  $isAssumed  whether nobody has looked at it
     */
    public function __construct(string $id, string $mark, private float $ratedA, ?string $circuit = null, public bool $isAssumed = false)
    {
        $circuit ??= $id;
        parent::__construct($id, $mark, Message::of("component.vehicle-fuse.{$circuit}"));
    }

    /** Where its circuit goes on. */
    public static function behind(string $id): string
    {
        return "{$id}:30";
    }

    public function isNone(): bool
    {
        return $this->ratedA <= 0.0;
    }

    /** Where there is none, what is taken from there is still cut for the usual small one. */
    public function ratedA(): float
    {
        return $this->isNone() ? self::USUAL_A : $this->ratedA;
    }

    public function warmA(): float
    {
        return FusePart::ratedAt($this->ratedA(), Zone::Bay->ambientC());
    }

    public function gates(): ?FuseGates
    {
        return null;
    }

    public function opensInCircuit(): bool
    {
        return ! $this->isNone();
    }

    /** The vehicle's lead to it and on from it is in it. */
    public function isJoint(): bool
    {
        return false;
    }

    public function termination(string $number): Termination
    {
        return Termination::Stud;
    }

    public function paths(): array
    {
        return [new ConductionPath(Rail::SUPPLY, $this->terminal('30'), $this->isNone() ? Symbol::BodyThread : Symbol::Fuse)];
    }

    public function figure(): ?Quantity
    {
        return $this->isNone() ? null : Unit::Ampere->of($this->ratedA);
    }

    public function faults(): array
    {
        return $this->isNone() ? [] : [new Open];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor($this->id, Rail::SUPPLY, $this->terminal('30'), self::LEAD_OHM)];
    }
}
