<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Harness;
use LampThread\Message\Message;

/** Runs the fan: joins the trigger, in parallel with what decides. */
final readonly class ForceOn extends Override
{
    public static function kind(): string
    {
        return 'force-on';
    }

    public function refusal(Control $control): ?Message
    {
        $load = DeciderOf::stage($control->stages[0])->load($control->stages[0]);

        return $load->triggerLine() !== null ? null : Message::of('refusal.no-trigger-to-join');
    }

    public function demand(bool $isFirstStage, OperatingConditions $conditions): ?Demand
    {
        return $isFirstStage && $conditions->position(self::SWITCH, '') === 'on' ? Demand::Override : null;
    }

    public function installAcrossLines(Harness $harness, array $lines): void
    {
        $this->bridge($harness, $lines[0], $this->switch($harness, ['off' => [], 'on' => [['1', '2']]]), '1', '2');
    }
}
