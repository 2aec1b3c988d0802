<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\RequestOutput;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/**
 * The fan output the engine computer already has, into the controller's own input: the computer knows pressure and compressor. Such an
 * output goes to earth, so the input must want an earth.
 */
final readonly class ComputerIntoController extends IntoController
{
    public static function kind(): string
    {
        return 'computer-into-controller';
    }

    public function suitsVariableCompressor(): bool
    {
        return true;
    }

    public function usesClutchWire(): bool
    {
        return false;
    }

    public function refusal(Control $control, Stage $stage, Load $load): ?Message
    {
        return $this->inputRefusal($stage) ?? match (true) {
            count($control->airConditioning->stageIds ?? []) > 1 => Message::of('refusal.one-controller'),
            ! self::wantsEarth($stage) => Message::of('refusal.computer-output-is-earth'),
            default => null,
        };
    }

    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void
    {
        $output = $harness->add(new RequestOutput($harness->mark('A')));
        $harness->wire(self::input($stage), $output->terminal('out'), Stretch::Dash, Colour::Trigger, TriggerLine::WIRES);
    }

    public function asks(OperatingConditions $conditions, bool $coilIsFed): bool
    {
        return $coilIsFed && parent::asks($conditions, $coilIsFed);
    }
}
