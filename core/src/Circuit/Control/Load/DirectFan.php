<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Load;

use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\FusedFeed;
use LampThread\Circuit\Harness;
use LampThread\Message\Message;

/** A switch that carries the fan itself: in its minus on the earth side, in its plus on the supply side. */
final readonly class DirectFan implements Load
{
    /**
     * @param  \Closure(Harness, Stage): Component  $switch  adds the switch, its contact from 1 to 2
     * @param  Stretch  $stretch  its way from the fan
     * @param  bool  $isFedPastCoilFeed  whether it works without the coils' feed
     * @param  array{string, string}|null  $input  where it is supplied, if it is
     */
    public function __construct(
        private Stage $stage,
        private \Closure $switch,
        private Stretch $stretch = Stretch::Sensor,
        private bool $isFedPastCoilFeed = true,
        private ?array $input = null,
    ) {}

    public function triggerLine(): null
    {
        return null;
    }

    public function hasOwnRelay(): bool
    {
        return false;
    }

    public function contact(): null
    {
        return null;
    }

    public function isFedPastCoilFeed(): bool
    {
        return $this->isFedPastCoilFeed;
    }

    public function hasSide(): bool
    {
        return true;
    }

    public function switchesMinus(): bool
    {
        return $this->stage->side === Side::Earth;
    }

    public function fedInput(): ?array
    {
        return $this->input;
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
                $harness->wire($motor->terminal('-'), $switch->terminal('1'), $this->stretch, Colour::Trigger, $group);
            } else {
                $harness->wire($fused, $switch->terminal('1'), $this->stretch === Stretch::Sensor ? Stretch::FuseToRelay : $this->stretch, Colour::BatteryFeed, $group);
                $way = $this->stretch === Stretch::Sensor ? Stretch::RelayToFan : $this->stretch;
                $harness->wire($switch->terminal('2'), $motor->terminal('+'), $way, Colour::FanFeed, $group);
                $harness->wire($motor->terminal('-'), $harness->fanEarth($fan), Stretch::FanToEarth, Colour::Earth, $group);
            }
            $last = $group;
        }
        if ($this->stage->side === Side::Earth) {
            $isAtRadiator = $this->stretch === Stretch::Sensor;
            $earth = $harness->earth($isAtRadiator ? 'radiator' : 'cabin');
            $harness->wire($switch->terminal('2'), $earth, $isAtRadiator ? Stretch::SensorEarth : Stretch::DashEarth, Colour::Earth, $last);
        }
    }
}
