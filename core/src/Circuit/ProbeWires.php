<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\Probe;
use LampThread\Circuit\Component\ProbeInput;

/** A module's probe and its two wires. */
final class ProbeWires
{
    public static function install(Harness $harness, Component $module): void
    {
        $probe = $harness->add(new Probe("{$module->id}-probe", $harness->mark('B'), $module->id));
        $harness->wire($module->terminal(ProbeInput::FROM), $probe->terminal('1'), Stretch::Sensor, Colour::Trigger, TriggerLine::WIRES);
        $harness->wire($probe->terminal('2'), $module->terminal(ProbeInput::TO), Stretch::Sensor, Colour::Earth, TriggerLine::WIRES);
    }
}
