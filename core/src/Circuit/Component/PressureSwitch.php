<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;

/** A switch on the high-pressure line that closes when the condenser needs air. */
final readonly class PressureSwitch extends Component implements Listens
{
    public const INPUT = 'pressure';

    public const HIGH = 'high';

    private const CONTACT_OHM = 0.03;

    /** @param  float  $ratedA  what it may carry, A */
    public function __construct(string $id, string $mark, string $name, public float $ratedA)
    {
        parent::__construct($id, $mark, $name);
    }

    public function passes(): array
    {
        return [new Pass($this->terminal('1'), $this->terminal('2'), Symbol::PressureMake)];
    }

    public function elements(Setting $setting, int $position): array
    {
        return $setting->position(self::INPUT, 'normal') === self::HIGH
            ? [new Resistor($this->id, $this->terminal('1'), $this->terminal('2'), self::CONTACT_OHM)]
            : [];
    }

    public function input(): string
    {
        return self::INPUT;
    }

    public function inputLabel(): string
    {
        return "{$this->mark} Refrigerant pressure";
    }

    public function inputPositions(): array
    {
        return ['normal', self::HIGH];
    }
}
