<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\Harness;

/**
 * A thermal switch across the trigger line. On the earth side it is the usual one-wire switch that earths through its body;
 * in a hose adapter that body hangs in rubber, so without a lead of its own there is no way to earth.
 */
final readonly class ThermalSwitchDecider implements Arrangement
{
    public function __construct(private Stage $stage, private TriggerLine $line) {}

    public function install(Harness $harness): void
    {
        $decider = $this->stage->decider;
        $switch = $harness->add(new TemperatureSwitch(
            "{$this->stage->id}-switch",
            $harness->mark('B'),
            'Temperature switch, '.$decider->place->label(),
            $decider,
            $this->line->isEarthSide() && ! $decider->place->isInHose() ? $harness->earth('engine') : null,
        ));
        $reel = VehicleSupply::TRIGGER_REEL;
        if (! $this->line->isEarthSide()) {
            $harness->wire($this->line->otherEnd($harness, 'radiator'), $switch->terminal('1'), Stretch::FuseToCoil, Colour::CoilFeed, $reel);
            $harness->wire($switch->terminal('2'), $this->line->joint(), Stretch::Sensor, Colour::Trigger, $reel);

            return;
        }
        $harness->wire($this->line->joint(), $switch->terminal('1'), Stretch::Sensor, Colour::Trigger, $reel);
        if ($decider->place->isInHose() && $decider->earthLead) {
            $harness->wire($switch->terminal('2'), $harness->earth('radiator'), Stretch::SensorEarth, Colour::Earth, $reel);
        }
    }
}
