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

/** The controller's own input. */
final readonly class ControllerInput extends Trigger
{
    public static function kind(): string
    {
        return 'controller-input';
    }

    public function request(): RequestInput
    {
        return RequestInput::Controller;
    }

    public function refusal(Control $control, Load $load): ?Message
    {
        return $control->stages[0]->decider->requestInput() === RequestInput::Controller ? null : Message::of('refusal.no-controller-input');
    }

    /** Part of how the fan is fed. */
    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void {}
}
