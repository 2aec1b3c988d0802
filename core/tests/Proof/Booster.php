<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ConductionPath;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Symbol;
use LampThread\Network\Element\VoltageSource;

/** A source of 24 V where none belongs. */
final readonly class Booster extends Component
{
    public function paths(): array
    {
        return [new ConductionPath($this->terminal('+'), 'battery:-', Symbol::Module)];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new VoltageSource('booster', $this->terminal('+'), 'battery:-', 24, 1)];
    }
}
