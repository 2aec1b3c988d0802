<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;

/** A switch on the dash, off or on. */
final readonly class HandSwitch extends Component
{
    public const OFF = 'off';

    public const ON = 'on';

    /** Closed contact, Ω (common practice, no source). */
    private const CONTACT_OHM = 0.01;

    /** @param  float  $ratedA  what it may carry, A */
    public function __construct(string $id, string $mark, string $name, public float $ratedA)
    {
        parent::__construct($id, $mark, $name);
    }

    public function passes(): array
    {
        return [new Pass($this->terminal('1'), $this->terminal('2'), Symbol::HandMake)];
    }

    public function elements(Setting $setting, int $position): array
    {
        return $setting->position($this->id, self::OFF) === self::ON
            ? [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), self::CONTACT_OHM)]
            : [];
    }
}
