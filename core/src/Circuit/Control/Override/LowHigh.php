<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Harness;
use LampThread\Message\Message;

/** Automatic, low, high, for fans with two speeds or two stages. */
final readonly class LowHigh extends Override
{
    public static function kind(): string
    {
        return 'low-high';
    }

    public function refusal(Control $control): ?Message
    {
        foreach ($control->stages as $stage) {
            if (! DeciderOf::stage($stage)->load($stage)->hasOwnRelay()) {
                return Message::of('refusal.low-high-needs-relays');
            }
        }

        return count($control->stages) === 2 ? null : Message::of('refusal.low-high-needs-relays');
    }

    public function demand(bool $isFirstStage, OperatingConditions $conditions): ?Demand
    {
        $position = $conditions->position(self::SWITCH, '');

        return $position === 'high' || ($position === 'low' && $isFirstStage) ? Demand::Override : null;
    }

    public function installAcrossLines(Harness $harness, array $lines): void
    {
        $switch = $this->switch($harness, ['automatic' => [], 'low' => [['1', '2']], 'high' => [['1', '2'], ['3', '4']]]);
        $this->bridge($harness, $lines[0], $switch, '1', '2');
        $this->bridge($harness, $lines[1], $switch, '3', '4');
    }
}
