<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Load\LoadOf;
use LampThread\Circuit\Harness;
use LampThread\Message\Message;

/** Automatic, low, high, for fans with two speeds or two stages. */
final readonly class LowHigh extends Override
{
    public static function kind(): string
    {
        return 'low-high';
    }

    public function saysAll(): bool
    {
        return true;
    }

    protected function usuallyConcerns(Stage $stage, Control $control): bool
    {
        return true;
    }

    public function refusal(Control $control): ?Message
    {
        $stages = $this->stages($control);
        foreach ($stages as $stage) {
            if (LoadOf::stage($stage)->triggerLine() === null) {
                return Message::of('refusal.low-high-needs-relays');
            }
        }

        return count($stages) === 2 ? null : Message::of('refusal.low-high-needs-relays');
    }

    public function demand(Stage $stage, OperatingConditions $conditions, Control $control): ?Demand
    {
        $isLow = $stage === ($this->stages($control)[0] ?? null);

        return $this->position($conditions) === 'high' || ($this->position($conditions) === 'low' && $isLow) ? Demand::Override : null;
    }

    public function installAcrossLines(Harness $harness, array $lines): void
    {
        $switch = $this->switch($harness, ['automatic' => [], 'low' => [['1', '2']], 'high' => [['1', '2'], ['3', '4']]]);
        $this->bridge($harness, $lines[0], $switch, '1', '2');
        $this->bridge($harness, $lines[1], $switch, '3', '4');
    }
}
