<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;
use LampThread\Parts\Thermistor;

/** The engine computer's own coolant sensor, a thermistor. Its second lead stays the computer's: it goes back there, and to no stud of the engine. */
final readonly class TemperatureSensor extends Component
{
    public function __construct(string $id, string $mark)
    {
        parent::__construct($id, $mark, Message::of('component.temperature-sensor'));
    }

    public function termination(string $number): Termination
    {
        return Termination::VehicleWire;
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('1'), Rail::EARTH, Symbol::Resistor)];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('1'), Rail::EARTH, Thermistor::usual()->ohm($conditions->coolantC))];
    }
}
