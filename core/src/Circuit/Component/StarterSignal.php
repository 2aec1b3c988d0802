<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** The starter's terminal 50, live while the starter turns. */
final readonly class StarterSignal extends Component
{
    public const ID = 'starter-signal';

    /** Key and lead, and the solenoid it works, Ω (common practice, no source). */
    private const LEAD_OHM = 0.05;

    private const SOLENOID_OHM = 1.5;

    public function __construct(string $mark)
    {
        parent::__construct(self::ID, $mark, Message::of('component.starter-signal'));
    }

    public function termination(string $number): Termination
    {
        return Termination::VehicleWire;
    }

    public function paths(): array
    {
        return [
            new ConductionPath(Rail::SUPPLY, $this->terminal('50'), Symbol::KeySwitch),
            new ConductionPath($this->terminal('50'), Rail::EARTH, Symbol::Coil),
        ];
    }

    public function faults(): array
    {
        return [new Open];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $solenoid = new Resistor("{$this->id}-solenoid", $this->terminal('50'), Rail::EARTH, self::SOLENOID_OHM);

        return $conditions->key === Key::Crank ? [$solenoid, new Resistor($this->id, Rail::SUPPLY, $this->terminal('50'), self::LEAD_OHM)] : [$solenoid];
    }
}
