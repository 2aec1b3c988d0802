<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Override;
use LampThread\Brief\OverrideKind;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\TemperatureSensor;
use LampThread\Circuit\Harness;

/** The driver's switch across the trigger lines. The other kinds lie in them, before the fan, or in the coil feed. */
final readonly class Overriding implements Arrangement
{
    /** @param  non-empty-list<TriggerLine>  $lines  low first */
    public function __construct(private Override $override, private array $lines) {}

    public function install(Harness $harness): void
    {
        match ($this->override->kind) {
            OverrideKind::ForceOn => $this->forceOn($harness),
            OverrideKind::LowHigh => $this->lowHigh($harness),
            OverrideKind::SensorOpen => $this->sensorOpen($harness),
            default => null,
        };
    }

    private function forceOn(Harness $harness): void
    {
        $switch = $this->switch($harness, ['off' => [], 'on' => [['1', '2']]]);
        $this->bridge($harness, $this->lines[0], $switch, '1', '2');
    }

    private function lowHigh(Harness $harness): void
    {
        $switch = $this->switch($harness, ['automatic' => [], 'low' => [['1', '2']], 'high' => [['1', '2'], ['3', '4']]]);
        $this->bridge($harness, $this->lines[0], $switch, '1', '2');
        $this->bridge($harness, $this->lines[1], $switch, '3', '4');
    }

    private function sensorOpen(Harness $harness): void
    {
        $switch = $this->switch($harness, ['automatic' => [['1', '2']], 'on' => []]);
        $sensor = $harness->add(new TemperatureSensor($harness->mark('B')));
        $computer = "{$this->lines[0]->stage->id}-output:S";
        $harness->wire($computer, $switch->terminal('1'), Stretch::Dash, Colour::Override, CoilSupply::REEL);
        $harness->wire($switch->terminal('2'), $sensor->terminal('1'), Stretch::Sensor, Colour::Override, CoilSupply::REEL);
        $harness->wire($sensor->terminal('2'), $harness->earth('engine'), Stretch::SensorEarth, Colour::Earth, CoilSupply::REEL);
    }

    /** @param  non-empty-array<string, list<array{string, string}>>  $positions */
    private function switch(Harness $harness, array $positions): HandSwitch
    {
        return $harness->add(new HandSwitch('override', $harness->mark('S'), 'Dash override', $this->override->ratedA, $positions));
    }

    private function bridge(Harness $harness, TriggerLine $line, HandSwitch $switch, string $first, string $second): void
    {
        $line->bridge(
            $harness,
            $switch->terminal($first),
            $switch->terminal($second),
            Stretch::Dash,
            Stretch::DashEarth,
            'cabin',
            Colour::Override,
        );
    }
}
