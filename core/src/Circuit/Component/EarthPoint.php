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
    /** Lug, stud, body and battery strap, Ω (common practice, no source). */
    private const OHM = 0.002;

    public function passes(): array
    {
        return [new Pass($this->terminal('31'), 'battery:-', Symbol::EarthPoint)];
    }

    public function elements(Setting $setting, int $position): array
    {
        return [new Resistor($this->id, $this->terminal('31'), 'battery:-', self::OHM)];
    }
}
