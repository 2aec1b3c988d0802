<?php

declare(strict_types=1);

namespace LampThread\Tests\Electrics;

use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\Settling;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;

/** A relay whose coil is fed through its own rest contact: the classic buzzer. */
final readonly class Buzzer extends Component implements Settling
{
    public function passes(): array
    {
        return [
            new Pass('battery:+', $this->terminal('86'), Symbol::MakeContact),
            new Pass($this->terminal('86'), 'battery:-', Symbol::Coil),
        ];
    }

    public function elements(Setting $setting, int $position): array
    {
        $coil = new Resistor('coil', $this->terminal('86'), 'battery:-', 85);

        return $position === 0 ? [$coil, new Resistor('rest', 'battery:+', $this->terminal('86'), 0.005)] : [$coil];
    }

    public function start(Setting $setting): int
    {
        return 0;
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        return $volts->at($this->terminal('86')) > ($position === 1 ? 1.8 : 7.8) ? 1 : 0;
    }

    public function worked(): int
    {
        return 1;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
