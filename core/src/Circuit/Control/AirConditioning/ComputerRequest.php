<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Control;
use LampThread\Brief\RequestInput;
use LampThread\Brief\Stage;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** The engine computer does it. */
final readonly class ComputerRequest extends Trigger
{
    public static function kind(): string
    {
        return 'computer';
    }

    public function suitsVariableCompressor(): bool
    {
        return true;
    }

    public function usesClutchWire(): bool
    {
        return false;
    }

    public function request(): RequestInput
    {
        return RequestInput::Computer;
    }

    public function refusal(Control $control, Stage $stage, Load $load): ?Message
    {
        return $stage->decider->requestInput() === RequestInput::Computer ? null : Message::of('refusal.no-computer');
    }

    /** Part of what decides. */
    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void {}
}
