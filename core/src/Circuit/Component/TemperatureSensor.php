<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;
use LampThread\Parts\Thermistor;

/** The engine computer's own coolant sensor, a thermistor between 1 and 2. */
final readonly class TemperatureSensor extends Component
{
    public function __construct(string $mark)
    {
        parent::__construct('sensor', $mark, Message::of('component.temperature-sensor'));
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('1'), $this->terminal('2'), Symbol::Resistor)];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), Thermistor::usual()->ohm($conditions->coolantC))];
    }
}
