<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** Air conditioning with which no fan runs, as many vehicles came: only the coolant's heat starts one. */
final readonly class AsksForNothing extends Trigger
{
    public static function kind(): string
    {
        return 'nothing';
    }

    public function suitsVariableCompressor(): bool
    {
        return true;
    }

    public function usesClutchWire(): bool
    {
        return false;
    }

    public function asksForNothing(): bool
    {
        return true;
    }

    public function refusal(Control $control, Stage $stage, Load $load): ?Message
    {
        return null;
    }

    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void
    {
        // Nothing of it is wired to any fan.
    }

    public function asks(OperatingConditions $conditions, bool $coilIsFed): bool
    {
        return false;
    }
}
