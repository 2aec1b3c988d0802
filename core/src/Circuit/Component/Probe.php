<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;
use LampThread\Parts\Thermistor;

/** The probe of a thermostat or controller: a thermistor between 1 and 2, on two wires of its own. */
final readonly class Probe extends Component
{
    /** @param  string  $moduleId  what reads it */
    public function __construct(string $id, string $mark, private string $moduleId)
    {
        parent::__construct($id, $mark, Message::of('component.probe'));
    }

    public function termination(string $number): Termination
    {
        return Termination::SealedPlug;
    }

    public function paths(): array
    {
        return [new ConductionPath($this->terminal('1'), $this->terminal('2'), Symbol::Resistor)];
    }

    public function partsList(): array
    {
        return [new PartsListEntry($this->name)];
    }

    /** @return array<int|string, bool> */
    public function pluggedTerminals(): array
    {
        return ['1' => true, '2' => false];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), Thermistor::usual()->ohm($conditions->readsC($this->moduleId)))];
    }
}
