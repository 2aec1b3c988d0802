<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Load\LowSpeedResistor;
use LampThread\Circuit\Harness;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/**
 * Automatic, low, high between the vehicle's plug and the fan. Automatic is the rest contact of a change-over relay; low and high feed the
 * fan from a fuse of its own, low through a resistor that a second relay bridges for high.
 */
final readonly class PlugLowHigh extends ChangesOver
{
    public static function kind(): string
    {
        return 'plug-low-high';
    }

    public static function fields(): array
    {
        return [...parent::fields(), Field::flag('lowIsUnknown', false)];
    }

    public function saysAll(): bool
    {
        return true;
    }

    public function demand(Stage $stage, OperatingConditions $conditions, Control $control): ?Demand
    {
        return in_array($this->position($conditions), ['low', 'high'], true) ? Demand::Override : null;
    }

    public function installBeforeFans(Harness $harness): void
    {
        $switch = $this->switch($harness, ['automatic' => [], 'low' => [['1', '2']], 'high' => [['1', '2'], ['1', '3']]]);
        $harness->wire($harness->shared(SharedTerminal::COIL_FEED), $switch->terminal('1'), Stretch::Dash, Colour::CoilFeed, TriggerLine::WIRES);
        foreach ($this->fanIds($harness) as $fanId) {
            $group = "{$fanId}-override-wire";
            $fused = $this->fused($harness, $fanId);
            $fan = $harness->brief->fan($fanId);
            $resistor = $harness->add($this->lowIsUnknown
                ? LowSpeedResistor::unknown($harness, "{$fanId}-override-resistor", $fan)
                : LowSpeedResistor::of($harness, "{$fanId}-override-resistor", $fan, '/control/overrides'));
            $high = $harness->add(new Relay(
                "{$fanId}-override-high-relay", $harness->mark('K'), Message::of('component.speed-relay', speed: 'high'),
                $harness->selection->relay("{$fanId}-override-high-relay"), $harness->relayPlace("{$fanId}-override-high-relay"),
                isInModule: $this->lowIsUnknown,
            ));
            $harness->wire($fused, $high->terminal('30'), Stretch::FuseToRelay, Colour::BatteryFeed, $group);
            $harness->wire($high->terminal('30'), $resistor->terminal('1'), Stretch::RelayToFan, Colour::BatteryFeed, $group);
            $harness->wire($high->terminal('87'), $resistor->terminal('2'), Stretch::RelayToFan, Colour::FanFeed, $group);
            $harness->wire($switch->terminal('3'), $high->terminal('86'), Stretch::Dash, Colour::Override, TriggerLine::WIRES);
            $harness->wire($high->terminal('85'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);
            $this->plus($harness, $fanId, $switch->terminal('2'), $resistor->terminal('2'), Stretch::RelayToFan);
        }
    }
}
