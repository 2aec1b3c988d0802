<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** The vehicle's two wires to the coil of a relay that has been replaced: one live with the key, one to what works it. */
final readonly class OriginalCoil extends Component
{
    /** Its lead (common practice, no source). */
    private const LEAD_OHM = 0.1;

    /** @param  string  $fuseId  of the vehicle's fuse it is behind */
    public function __construct(string $id, string $mark, private string $fuseId)
    {
        parent::__construct($id, $mark, Message::of('component.original-coil'));
    }

    /** The wire that is live with the key. */
    public function keyFeed(): string
    {
        return $this->terminal('15');
    }

    public function termination(string $number): Termination
    {
        return Termination::VehicleWire;
    }

    public function paths(): array
    {
        return [new ConductionPath(VehicleFuse::behind($this->fuseId), $this->keyFeed(), Symbol::BodyThread)];
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
        return $conditions->key === Key::Run ? [new Resistor($this->id, VehicleFuse::behind($this->fuseId), $this->keyFeed(), self::LEAD_OHM)] : [];
    }
}
