<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;

/** A resistance between 1 and 2: a dropping resistor, a slow winding, an indicator lamp. */
final readonly class FixedResistor extends Component
{
    /** @param  float  $ohm  above 0 */
    public function __construct(string $id, string $mark, string $name, public float $ohm, private Symbol $symbol = Symbol::Resistor)
    {
        parent::__construct($id, $mark, $name);
    }

    public function passes(): array
    {
        return [new Pass($this->terminal('1'), $this->terminal('2'), $this->symbol)];
    }

    public function figure(): array
    {
        return [round($this->ohm, 2), 'Ω'];
    }

    public function elements(Setting $setting, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), $this->ohm)];
    }
}
