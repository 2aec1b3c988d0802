<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** A wire of the vehicle between two of its own parts, which stays as it is. */
final readonly class VehicleWire extends Component
{
    /** Metres of thin wire and two of the vehicle's plugs, Ω (common practice, no source). */
    private const OHM = 0.15;

    public function __construct(string $id, string $mark, private string $from, private string $to)
    {
        parent::__construct($id, $mark, Message::of('component.vehicle-wire'));
    }

    public function paths(): array
    {
        return [new ConductionPath($this->from, $this->to, Symbol::BodyThread)];
    }

    public function faults(): array
    {
        return [new Open];
    }

    public function isJoint(): bool
    {
        return false;
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor($this->id, $this->from, $this->to, self::OHM)];
    }
}
