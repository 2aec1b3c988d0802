<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Network\Element\VoltageSource;

/** Where the vehicle tells its engine speed: averaged, a voltage that goes with it. */
final readonly class TachoSignal extends Component
{
    public const ID = 'tacho';

    /** Averaged signal, V for each rpm, and what it comes through, Ω (common practice, no source). */
    public const V_PER_RPM = 0.001;

    private const OHM = 1000.0;

    public function __construct(string $mark)
    {
        parent::__construct(self::ID, $mark, Message::of('component.tacho-signal'));
    }

    public function termination(string $number): Termination
    {
        return Termination::VehicleWire;
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('W'), Rail::EARTH, Symbol::Module)];
    }

    public function faults(): array
    {
        return [new Open];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new VoltageSource($this->id, $this->terminal('W'), Rail::EARTH, $conditions->engineRpm * self::V_PER_RPM, self::OHM)];
    }
}
