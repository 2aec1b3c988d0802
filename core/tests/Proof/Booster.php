<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Source;
use LampThread\Electrics\Setting;

/** A source of 24 V where none belongs. */
final readonly class Booster extends Component
{
    public function passes(): array
    {
        return [new Pass($this->terminal('+'), 'battery:-', Symbol::Module)];
    }

    public function elements(Setting $setting, int $position): array
    {
        return [new Source('booster', $this->terminal('+'), 'battery:-', 24, 1)];
    }
}
