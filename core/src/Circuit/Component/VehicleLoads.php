<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Supply;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;

/** Everything else the vehicle draws: the base load with the key on, the starter while cranking. */
final readonly class VehicleLoads extends Component
{
    public function __construct(private Supply $supply)
    {
        parent::__construct('vehicle', 'E1', 'Other loads and starter');
    }

    public function passes(): array
    {
        return [];
    }

    public function elements(Setting $setting, int $position): array
    {
        if ($setting->key === Key::Crank) {
            $starterA = ($this->supply->restingV - $this->supply->crankingV) / ($this->supply->batteryMilliohm / 1000);

            return [new Resistor('starter', 'battery:+', 'battery:-', $this->supply->crankingV / $starterA)];
        }
        if ($setting->key === Key::Run && $this->supply->baseLoadA > 0) {
            return [new Resistor('base-load', 'battery:+', 'battery:-', $this->supply->restingV / $this->supply->baseLoadA)];
        }

        return [];
    }
}
