<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Thermistor;

/** The engine computer's own coolant sensor, a thermistor between 1 and 2. */
final readonly class TemperatureSensor extends Component
{
    public function __construct(string $mark)
    {
        parent::__construct('sensor', $mark, 'Temperature sensor');
    }

    public function passes(): array
    {
        return [new Pass($this->terminal('1'), $this->terminal('2'), Symbol::Resistor)];
    }

    public function elements(Setting $setting, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), Thermistor::usual()->ohm($setting->coolantC))];
    }
}
