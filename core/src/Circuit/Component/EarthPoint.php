<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;

/** A stud on the body, and the way back from it to battery negative. */
final readonly class EarthPoint extends Component
{
    /** @param  float  $ohm  the way back to battery negative, Ω */
    public function __construct(string $id, string $mark, string $name, private float $ohm)
    {
        parent::__construct($id, $mark, $name);
    }

    public function passes(): array
    {
        return [new Pass($this->terminal('31'), 'battery:-', Symbol::EarthPoint)];
    }

    public function elements(Setting $setting, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('31'), 'battery:-', $this->ohm)];
    }
}
