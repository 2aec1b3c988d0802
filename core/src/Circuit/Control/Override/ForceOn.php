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

/** Runs the fan: joins the trigger, in parallel with what decides. */
final readonly class ForceOn extends Override
{
    public static function kind(): string
    {
        return 'force-on';
    }

    public function refusal(Control $control): ?Message
    {
        foreach ($this->stages($control) as $stage) {
            if (LoadOf::stage($stage)->triggerLine() === null) {
                return Message::of('refusal.no-trigger-to-join');
            }
        }

        return null;
    }

    public function demand(Stage $stage, OperatingConditions $conditions, Control $control): ?Demand
    {
        return $this->position($conditions) === 'on' ? Demand::Override : null;
    }

    /** One pole for each line, so that the lines stay apart. */
    public function installAcrossLines(Harness $harness, array $lines): void
    {
        $poles = array_map(static fn (int $at): array => [(string) (2 * $at + 1), (string) (2 * $at + 2)], array_keys($lines));
        $switch = $this->switch($harness, ['off' => [], 'on' => $poles]);
        foreach ($lines as $at => $line) {
            $this->bridge($harness, $line, $switch, ...$poles[$at]);
        }
    }
}
