<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Control\Decider\PressureDecider;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** A switch on the high-pressure line into the controller's own input: right for a variable compressor, too, which tells nothing by its wire. */
final readonly class PressureIntoController extends IntoController
{
    private const SWITCH = 'pressure-switch';

    public static function kind(): string
    {
        return 'pressure-into-controller';
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
        return $this->inputRefusal($stage) ?? (count($control->airConditioning->stageIds ?? []) > 1 ? Message::of('refusal.one-controller') : null);
    }

    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void
    {
        $switch = $harness->add(new PressureSwitch(self::SWITCH, $harness->mark('B'), PressureDecider::USUAL_RATED_A));
        if (self::wantsEarth($stage)) {
            self::earth($harness, $stage, $switch->terminal('1'), $switch->terminal('2'));

            return;
        }
        $harness->wire($harness->shared(SharedTerminal::COIL_FEED), $switch->terminal('1'), Stretch::FuseToCoil, Colour::CoilFeed, TriggerLine::WIRES);
        self::join($harness, $stage, $switch->terminal('2'));
    }

    public function asks(OperatingConditions $conditions, bool $coilIsFed): bool
    {
        return $coilIsFed && $conditions->position(PressureSwitch::INPUT, PressureSwitch::RESTS) === PressureSwitch::ACTS;
    }
}
