<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** A small relay on the clutch wire whose contact joins the shared trigger. */
final readonly class InterposingRelay extends Trigger
{
    public static function kind(): string
    {
        return 'interposing-relay';
    }

    public function hasFedRelay(): bool
    {
        return true;
    }

    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void
    {
        $relay = $this->relay($harness, self::id($harness, $stage, 'air-conditioning'), Message::of('component.air-conditioning-relay'), $harness->shared(SharedTerminal::CLUTCH));
        $line?->bridge($harness, $relay->terminal('30'), $relay->terminal('87'), Stretch::CoilToEarth, Stretch::CoilToEarth, 'relays');
    }
}
