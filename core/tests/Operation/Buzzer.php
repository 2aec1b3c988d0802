<?php

declare(strict_types=1);

namespace LampThread\Tests\Operation;

use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ConductionPath;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\StatefulComponent;
use LampThread\Circuit\Component\Symbol;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodeVoltages;

/** A relay whose coil is fed through its own rest contact: the classic buzzer. */
final readonly class Buzzer extends Component implements StatefulComponent
{
    public function paths(): array
    {
        return [
            new ConductionPath('battery:+', $this->terminal('86'), Symbol::MakeContact),
            new ConductionPath($this->terminal('86'), 'battery:-', Symbol::Coil),
        ];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $coil = new Resistor('coil', $this->terminal('86'), 'battery:-', 85);

        return $position === 0 ? [$coil, new Resistor('rest', 'battery:+', $this->terminal('86'), 0.005)] : [$coil];
    }

    public function initialPosition(OperatingConditions $conditions): int
    {
        return 0;
    }

    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        return $voltages->at($this->terminal('86')) > ($position === 1 ? 1.8 : 7.8) ? 1 : 0;
    }

    public function actuatedPosition(): int
    {
        return 1;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
