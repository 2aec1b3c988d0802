<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Scale;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\TemperatureBand;
use LampThread\Brief\ThermalAction;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\ElectronicThermostat;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Harness;
use LampThread\Circuit\ProbeWires;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;

/** An adjustable thermostat with a bulb or a probe. */
final readonly class Thermostat extends TriggersRelay
{
    /** What the usual one may carry, A (common practice, no source). */
    private const USUAL_RATED_A = 10.0;

    private function __construct(private ThermostatOutput $output, private TemperatureBand $band, private float $ratedA, private ?Scale $scale) {}

    public static function kind(): string
    {
        return 'thermostat';
    }

    public static function fields(): array
    {
        return [Field::word('output', array_column(ThermostatOutput::cases(), 'value')), ...Fields::band(), Fields::ratedA(self::USUAL_RATED_A), ...Fields::scale()];
    }

    public static function read(FieldValues $values): self
    {
        return new self(ThermostatOutput::from($values->text('output')), $values->band(), $values->number('ratedA'), $values->scale());
    }

    public static function options(int $number): array
    {
        return array_map(
            static fn (ThermostatOutput $output): Option => new Option($output->value, ['output' => $output->value], $output->side()),
            ThermostatOutput::cases(),
        );
    }

    public function option(): string
    {
        return $this->output->value;
    }

    public function askedFields(Stage $stage): array
    {
        return ['ratedA', 'coolantStands', ...Fields::SCALE];
    }

    public function scale(): ?Scale
    {
        return $this->scale;
    }

    public function fedInput(Stage $stage): ?array
    {
        return $this->output === ThermostatOutput::Capillary ? null : ["{$stage->id}-switch:15", "{$stage->id}-switch:31"];
    }

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function side(): ?Side
    {
        return $this->output->side();
    }

    public function install(Harness $harness, TriggerLine $line): void
    {
        $id = "{$line->stage->id}-switch";
        $name = Message::of('component.adjustable-thermostat', place: Message::of("place.{$this->band->place->value}"));
        $path = $harness->deciderPath($line->stage);
        if ($this->output === ThermostatOutput::Capillary) {
            $switch = $harness->add(new TemperatureSwitch(
                $id, $harness->mark('B'), $name, $line->stage->id, $this->band, ThermalAction::ClosesWhenHot, $this->ratedA, $path,
                isCapillary: true,
            ));
            $line->bridge($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Sensor, Stretch::SensorEarth, 'radiator');

            return;
        }
        $module = $harness->add(new ElectronicThermostat(
            $id, $harness->mark('B'), $name, $line->stage->id, $this->band, $this->output->terminals(), $this->ratedA, "{$path}/ratedA", $harness->brief->supply->systemV,
        ));
        $harness->wire($harness->shared(SharedTerminal::COIL_FEED), $module->terminal('15'), Stretch::FuseToCoil, Colour::CoilFeed, TriggerLine::WIRES);
        $harness->wire($module->terminal('31'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);
        ProbeWires::install($harness, $module);
        [$first, $second] = $module->output();
        match ($this->output) {
            ThermostatOutput::ToEarth => $harness->wire($line->joint(), $first, Stretch::Sensor, Colour::Trigger, TriggerLine::WIRES),
            ThermostatOutput::ToSupply => $harness->wire($second, $line->joint(), Stretch::Sensor, Colour::Trigger, TriggerLine::WIRES),
            ThermostatOutput::DryContact => $line->bridge($harness, $first, $second, Stretch::Sensor, Stretch::CoilToEarth, 'relays'),
        };
    }
}
