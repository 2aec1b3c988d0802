<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;

/** The vehicle's ignition switch, as far as the tapped circuit: 15 stays live while cranking, 75 drops out. */
final readonly class KeySwitch extends Component
{
    /** Switch and the vehicle's own lead to the tap, Ω (common practice, no source). */
    private const OHM = 0.03;

    public function __construct(string $mark, private string $circuit)
    {
        parent::__construct('key', $mark, 'Ignition switch');
    }

    public function passes(): array
    {
        return [new Pass('battery:+', $this->terminal($this->circuit), Symbol::KeySwitch)];
    }

    public function elements(Setting $setting, int $position): array
    {
        $closed = $setting->key === Key::Run || ($setting->key === Key::Crank && $this->circuit === '15');

        return $closed
            ? [new Resistor($this->id, 'battery:+', $this->terminal($this->circuit), self::OHM)]
            : [];
    }
}
