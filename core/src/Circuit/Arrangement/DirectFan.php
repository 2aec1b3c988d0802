<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\ThermalSwitch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\Harness;

/** A thermal switch that carries the fan itself: in its minus on the earth side, in its plus on the supply side. */
final readonly class DirectFan implements Arrangement
{
    public function __construct(private Stage $stage, private ThermalSwitch $decider) {}

    public function install(Harness $harness): void
    {
        $switch = $harness->add(new TemperatureSwitch(
            "{$this->stage->id}-switch",
            $harness->mark('B'),
            'Temperature switch, '.$this->decider->band->place->label(),
            $this->decider->band,
            $this->decider->action,
            $this->decider->ratedA,
        ));
        foreach ($this->stage->fanIds as $fanId) {
            $fan = $harness->brief->fan($fanId);
            $motor = $harness->add(new FanMotor($harness->mark('M'), $fan));
            [$fused, $reel] = FusedFeed::lay($harness, $fanId, $fan->name, $motor->terminal('+'), $motor->terminal('-'));
            if ($this->stage->side === Side::Earth) {
                $harness->wire($fused, $motor->terminal('+'), Stretch::RelayToFan, Colour::FanFeed, $reel);
                $harness->wire($motor->terminal('-'), $switch->terminal('1'), Stretch::Sensor, Colour::Trigger, $reel);
            } else {
                $harness->wire($fused, $switch->terminal('1'), Stretch::FuseToRelay, Colour::BatteryFeed, $reel);
                $harness->wire($switch->terminal('2'), $motor->terminal('+'), Stretch::RelayToFan, Colour::FanFeed, $reel);
                $harness->wire($motor->terminal('-'), $harness->earth('bay'), Stretch::FanToEarth, Colour::Earth, $reel);
            }
            $last = $reel;
        }
        if ($this->stage->side === Side::Earth && isset($last)) {
            $harness->wire($switch->terminal('2'), $harness->earth('radiator'), Stretch::SensorEarth, Colour::Earth, $last);
        }
    }
}
