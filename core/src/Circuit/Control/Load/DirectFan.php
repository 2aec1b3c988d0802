<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Message\Message;

/** A thermal switch that carries the fan itself: in its minus on the earth side, in its plus on the supply side. */
final readonly class DirectFan implements Load
{
    /** @param  \Closure(Harness, Stage): TemperatureSwitch  $switch  adds the switch */
    public function __construct(private Stage $stage, private \Closure $switch) {}

    public function triggerLine(): null
    {
        return null;
    }

    public function hasOwnRelay(): bool
    {
        return false;
    }

    public function switchesMinus(): bool
    {
        return $this->stage->side === Side::Earth;
    }

    public function fedInput(): null
    {
        return null;
    }

    public function install(Harness $harness): void
    {
        $switch = ($this->switch)($harness, $this->stage);
        $last = '';
        foreach ($this->stage->fanIds as $fanId) {
            $fan = $harness->brief->fan($fanId);
            $motor = $harness->add(new FanMotor($harness->mark('M'), $fan));
            [$fused, $group] = FusedFeed::install($harness, $fanId, Message::verbatim($fan->name), $motor->terminal('+'), $motor->terminal('-'));
            if ($this->stage->side === Side::Earth) {
                $harness->wire($fused, $motor->terminal('+'), Stretch::RelayToFan, Colour::FanFeed, $group);
                $harness->wire($motor->terminal('-'), $switch->terminal('1'), Stretch::Sensor, Colour::Trigger, $group);
            } else {
                $harness->wire($fused, $switch->terminal('1'), Stretch::FuseToRelay, Colour::BatteryFeed, $group);
                $harness->wire($switch->terminal('2'), $motor->terminal('+'), Stretch::RelayToFan, Colour::FanFeed, $group);
                $harness->wire($motor->terminal('-'), $harness->fanEarth($fan), Stretch::FanToEarth, Colour::Earth, $group);
            }
            $last = $group;
        }
        if ($this->stage->side === Side::Earth) {
            $harness->wire($switch->terminal('2'), $harness->earth('radiator'), Stretch::SensorEarth, Colour::Earth, $last);
        }
    }
}
