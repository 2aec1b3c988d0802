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

        return null;
    }

    /** The computer acts with the key on only. */
    public function demand(Stage $stage, OperatingConditions $conditions, Control $control): ?Demand
    {
        return $conditions->key === Key::Run && $this->position($conditions) === 'on' ? Demand::Override : null;
    }

    public function installAcrossLines(Harness $harness, array $lines): void
    {
        // A pole for each computer's sensor.
        $poles = array_map(static fn (int $at): array => [(string) (2 * $at + 1), (string) (2 * $at + 2)], array_keys($lines));
        $switch = $this->switch($harness, ['automatic' => $poles, 'on' => []]);
        foreach ($lines as $at => $line) {
            $sensor = $harness->add(new TemperatureSensor("{$line->stage->id}-sensor", $harness->mark('B')));
            $harness->wire("{$line->stage->id}-output:S", $switch->terminal($poles[$at][0]), Stretch::Dash, Colour::Override, TriggerLine::WIRES);
            $harness->wire($switch->terminal($poles[$at][1]), $sensor->terminal('1'), Stretch::Sensor, Colour::Override, TriggerLine::WIRES);
        }
    }
}
