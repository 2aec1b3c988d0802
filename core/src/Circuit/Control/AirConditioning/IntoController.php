<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\RequestInput;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** What triggers are alike in that ask by the controller's own air-conditioning input: a positive one or one that wants an earth. */
abstract readonly class IntoController extends Trigger
{
    final public function request(): RequestInput
    {
        return RequestInput::Controller;
    }

    /** Why it does not go with a stage; null where a controller with such an input decides it. */
    final protected function inputRefusal(Stage $stage): ?Message
    {
        return $stage->decider->requestInput() === RequestInput::Controller ? null : Message::of('refusal.no-controller-input');
    }

    final protected static function wantsEarth(Stage $stage): bool
    {
        return DeciderOf::stage($stage)->requestWantsEarth();
    }

    final protected static function input(Stage $stage): string
    {
        return "{$stage->id}-controller:AC";
    }

    /** A positive wire into the input. */
    final protected static function join(Harness $harness, Stage $stage, string $from): void
    {
        $harness->wire($from, self::input($stage), Stretch::Clutch, Colour::Trigger, TriggerLine::WIRES);
    }

    /** A contact that earths the input. */
    final protected static function earth(Harness $harness, Stage $stage, string $first, string $second): void
    {
        $harness->wire(self::input($stage), $first, Stretch::Clutch, Colour::Trigger, TriggerLine::WIRES);
        $harness->wire($second, $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);
    }
}
