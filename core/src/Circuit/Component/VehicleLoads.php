<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Supply;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** Everything else the vehicle draws: the base load with the key on, the starter while cranking. */
final readonly class VehicleLoads extends Component
{
    /** Element of everything that is on with the key. */
    public const BASE_LOAD = 'base-load';

    public function __construct(private Supply $supply)
    {
        parent::__construct('vehicle', 'E1', Message::of('component.vehicle-loads'));
    }

    public function paths(): array
    {
        return [];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        if ($conditions->key === Key::Crank) {
            return [new Resistor('starter', Rail::SUPPLY, Rail::EARTH, $this->supply->starterOhm())];
        }
        if ($conditions->key === Key::Run && $this->supply->baseLoadA > 0) {
            return [new Resistor(self::BASE_LOAD, Rail::SUPPLY, Rail::EARTH, $this->supply->restingV / $this->supply->baseLoadA)];
        }

        return [];
    }
}
