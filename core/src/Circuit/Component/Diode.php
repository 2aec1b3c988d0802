<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Junction;
use LampThread\Electrics\Setting;

/** A diode from A to K. */
final readonly class Diode extends Component
{
    public function passes(): array
    {
        return [new Pass($this->terminal('A'), $this->terminal('K'), Symbol::Diode)];
    }

    public function elements(Setting $setting, int $position): array
    {
        return [new Junction($this->id, $this->terminal('A'), $this->terminal('K'))];
    }
}
