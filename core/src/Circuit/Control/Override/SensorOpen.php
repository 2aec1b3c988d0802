<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Override;

use LampThread\Brief\Control;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\TemperatureSensor;
use LampThread\Circuit\Control\Demand;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** Opens the computer's sensor circuit, where that is taken as hot. */
final readonly class SensorOpen extends Override
{
    public static function kind(): string
    {
        return 'sensor-open';
    }

    public function opensSensorCircuit(): bool
    {
        return true;
    }

    public function refusal(Control $control): ?Message
    {
        foreach ($this->stages($control) as $stage) {
            if (! $stage->decider->takesOpenSensorAsHot()) {
                return Message::of('refusal.open-sensor-reads-cold');
            }
        }

        return count($this->stages($control)) === 1 ? null : Message::of('refusal.one-sensor-circuit');
    }

    /** The computer acts with the key on only. */
    public function demand(Stage $stage, OperatingConditions $conditions, Control $control): ?Demand
    {
        return $conditions->key === Key::Run && $this->position($conditions) === 'on' ? Demand::Override : null;
    }

    public function installAcrossLines(Harness $harness, array $lines): void
    {
        $switch = $this->switch($harness, ['automatic' => [['1', '2']], 'on' => []]);
        $sensor = $harness->add(new TemperatureSensor($harness->mark('B')));
        $computer = "{$lines[0]->stage->id}-output:S";
        $harness->wire($computer, $switch->terminal('1'), Stretch::Dash, Colour::Override, TriggerLine::WIRES);
        $harness->wire($switch->terminal('2'), $sensor->terminal('1'), Stretch::Sensor, Colour::Override, TriggerLine::WIRES);
        $harness->wire($sensor->terminal('2'), $harness->earth('engine'), Stretch::SensorEarth, Colour::Earth, TriggerLine::WIRES);
    }
}
