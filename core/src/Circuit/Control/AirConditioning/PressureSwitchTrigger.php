<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\AirConditioning;

use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Diode;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Control\Decider\PressureDecider;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** A switch on the high-pressure line that joins the trigger. */
final readonly class PressureSwitchTrigger extends Trigger
{
    private const SWITCH = 'pressure-switch';

    public static function kind(): string
    {
        return 'pressure-switch';
    }

    public function suitsVariableCompressor(): bool
    {
        return true;
    }

    public function usesClutchWire(): bool
    {
        return false;
    }

    public function install(Harness $harness, Stage $stage, ?TriggerLine $line): void
    {
        if ($line === null) {
            return;
        }
        $control = $harness->brief->control;
        $switch = $harness->component(self::SWITCH) ?? $harness->add(new PressureSwitch(self::SWITCH, $harness->mark('B'), PressureDecider::USUAL_RATED_A));
        if (count($control->airConditioning->stageIds ?? []) === 1) {
            $line->bridge($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Sensor, Stretch::SensorEarth, 'radiator');

            return;
        }
        // One switch for several lines: a diode in each keeps them from joining one another through it.
        $diode = $harness->add(new Diode("{$stage->id}-pressure-diode", $harness->mark('V'), Message::of('component.diode')));
        [$common, $far] = $line->isEarthSide() ? ['1', '2'] : ['2', '1'];
        if (! $harness->endsAt($switch->terminal($far))) {
            $end = $line->otherEnd($harness, 'radiator');
            $line->isEarthSide()
                ? $harness->wire($switch->terminal($far), $end, Stretch::SensorEarth, Colour::Earth, TriggerLine::WIRES)
                : $harness->wire($end, $switch->terminal($far), Stretch::FuseToCoil, Colour::CoilFeed, TriggerLine::WIRES);
        }
        if ($line->isEarthSide()) {
            $harness->wire($line->joint(), $diode->terminal('A'), Stretch::CoilToEarth, Colour::Trigger, TriggerLine::WIRES);
            $harness->wire($diode->terminal('K'), $switch->terminal($common), Stretch::Sensor, Colour::Trigger, TriggerLine::WIRES);
        } else {
            $harness->wire($switch->terminal($common), $diode->terminal('A'), Stretch::Sensor, Colour::Trigger, TriggerLine::WIRES);
            $harness->wire($diode->terminal('K'), $line->joint(), Stretch::CoilToEarth, Colour::Trigger, TriggerLine::WIRES);
        }
    }

    public function asks(OperatingConditions $conditions, bool $coilIsFed): bool
    {
        return $coilIsFed && $conditions->position(PressureSwitch::INPUT, PressureSwitch::RESTS) === PressureSwitch::ACTS;
    }
}
