<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\AirConditioningTrigger;
use LampThread\Brief\ComputerOutput;
use LampThread\Brief\Hand;
use LampThread\Brief\OriginalControl;
use LampThread\Brief\OverrideKind;
use LampThread\Brief\PressureDecider;
use LampThread\Brief\Stretch;
use LampThread\Brief\ThermalAction;
use LampThread\Brief\ThermalSwitch;
use LampThread\Brief\Thermostat;
use LampThread\Brief\ThermostatOutput;
use LampThread\Brief\Zone;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\ElectronicThermostat;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Line;

/** What decides a stage, across its trigger line. */
final readonly class Deciding implements Arrangement
{
    public function __construct(private TriggerLine $line) {}

    public function install(Harness $harness): void
    {
        $decider = $this->line->stage->decider;
        match (true) {
            $decider instanceof ThermalSwitch && $decider->action === ThermalAction::OpensWhenHot => $this->opening($harness, $decider),
            $decider instanceof ThermalSwitch => $this->closing($harness, $decider),
            $decider instanceof Thermostat => $this->thermostat($harness, $decider),
            $decider instanceof ComputerOutput => $this->computer($harness, $decider),
            $decider instanceof OriginalControl => $this->original($harness, $decider),
            $decider instanceof PressureDecider => $this->pressure($harness, $decider),
            $decider instanceof Hand => $this->hand($harness, $decider),
            default => throw new \LogicException('This decider carries the fan itself.'),
        };
    }

    /** On the earth side the usual one-wire switch; in a hose adapter its body hangs in rubber, so it needs a lead of its own. */
    private function closing(Harness $harness, ThermalSwitch $decider): void
    {
        $isOneWire = $this->line->isEarthSide();
        $inHose = $decider->band->place->isInHose();
        $switch = $this->switch($harness, $decider, $isOneWire && ! $inHose ? $harness->earth('engine') : null);
        $this->line->bridge(
            $harness,
            $switch->terminal('1'),
            $switch->terminal('2'),
            Stretch::Sensor,
            $isOneWire ? Stretch::SensorEarth : Stretch::FuseToCoil,
            'radiator',
            end: $isOneWire && (! $inHose || ! $decider->earthLead) ? '' : null,
        );
    }

    /** A relay held in while cold; hot, or with a broken wire, its rest contact runs the stage. */
    private function opening(Harness $harness, ThermalSwitch $decider): void
    {
        $id = "{$this->line->stage->id}-inverting-relay";
        $relay = $harness->add(new Relay(
            $id,
            $harness->mark('K'),
            'Relay held in while cold',
            $harness->fitted->relay($id),
            Zone::Bay,
            isChangeOver: true,
        ));
        $inHose = $decider->band->place->isInHose();
        $switch = $this->switch($harness, $decider, $inHose ? null : $harness->earth('engine'));
        $feed = (string) $harness->left(Line::COIL_FEED);
        $harness->wire($feed, $relay->terminal('86'), Stretch::FuseToCoil, Colour::CoilFeed, CoilSupply::REEL);
        $harness->wire($relay->terminal('85'), $switch->terminal('1'), Stretch::Sensor, Colour::Trigger, CoilSupply::REEL);
        if ($inHose && $decider->earthLead) {
            $harness->wire($switch->terminal('2'), $harness->earth('radiator'), Stretch::SensorEarth, Colour::Earth, CoilSupply::REEL);
        }
        $this->line->bridge($harness, $relay->terminal('30'), $relay->terminal('87a'), Stretch::CoilToEarth, Stretch::CoilToEarth, 'bay');
    }

    private function thermostat(Harness $harness, Thermostat $decider): void
    {
        $id = "{$this->line->stage->id}-switch";
        $name = 'Adjustable thermostat, '.$decider->band->place->label();
        if ($decider->output === ThermostatOutput::Capillary) {
            $switch = $harness->add(new TemperatureSwitch(
                $id, $harness->mark('B'), $name, $decider->band, ThermalAction::ClosesWhenHot, $decider->ratedA,
            ));
            $this->line->bridge($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Sensor, Stretch::SensorEarth, 'radiator');

            return;
        }
        $module = $harness->add(new ElectronicThermostat($id, $harness->mark('B'), $name, $decider, $harness->brief->supply->systemV));
        $feed = (string) $harness->left(Line::COIL_FEED);
        $harness->wire($feed, $module->terminal('15'), Stretch::FuseToCoil, Colour::CoilFeed, CoilSupply::REEL);
        $harness->wire($module->terminal('31'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, CoilSupply::REEL);
        [$first, $second] = $module->output();
        match ($decider->output) {
            ThermostatOutput::ToEarth => $harness->wire($this->line->joint(), $first, Stretch::Sensor, Colour::Trigger, CoilSupply::REEL),
            ThermostatOutput::ToSupply => $harness->wire($second, $this->line->joint(), Stretch::Sensor, Colour::Trigger, CoilSupply::REEL),
            default => $this->line->bridge($harness, $first, $second, Stretch::Sensor, Stretch::CoilToEarth, 'bay'),
        };
    }

    private function computer(Harness $harness, ComputerOutput $decider): void
    {
        $control = $harness->brief->control;
        $isFirst = $control->stages[0] === $this->line->stage;
        $driver = $harness->add(new ComputerDriver(
            "{$this->line->stage->id}-output",
            $harness->mark('A'),
            "Engine computer, output {$decider->output}",
            $decider,
            $isFirst && $control->airConditioning?->trigger === AirConditioningTrigger::Computer,
            $isFirst && $control->override?->kind === OverrideKind::SensorOpen,
        ));
        $harness->wire($this->line->joint(), $driver->terminal('out'), Stretch::Dash, Colour::Trigger, CoilSupply::REEL);
    }

    /** Lies where the line's joint is already: the wire between them is the vehicle's. */
    private function original(Harness $harness, OriginalControl $decider): void
    {
        $harness->add(new ComputerDriver(
            "{$this->line->stage->id}-output",
            $harness->mark('A'),
            'Original control, '.$decider->switchedBy,
            new ComputerOutput($decider->switchedBy, $decider->band, $decider->ratedA, openReadsHot: false),
            $harness->brief->control->airConditioning?->trigger === AirConditioningTrigger::Computer,
            hasSensorCircuit: false,
        ));
    }

    private function pressure(Harness $harness, PressureDecider $decider): void
    {
        $switch = $harness->add(new PressureSwitch("{$this->line->stage->id}-switch", $harness->mark('B'), 'Pressure switch', $decider->ratedA));
        $this->line->bridge($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Sensor, Stretch::SensorEarth, 'radiator');
    }

    private function hand(Harness $harness, Hand $decider): void
    {
        $switch = $harness->add(new HandSwitch(
            "{$this->line->stage->id}-switch",
            $harness->mark('S'),
            'Dash switch',
            $decider->ratedA,
            ['off' => [], 'on' => [['1', '2']]],
        ));
        $this->line->bridge($harness, $switch->terminal('1'), $switch->terminal('2'), Stretch::Dash, Stretch::DashEarth, 'cabin');
    }

    private function switch(Harness $harness, ThermalSwitch $decider, ?string $bodyEarth): TemperatureSwitch
    {
        return $harness->add(new TemperatureSwitch(
            "{$this->line->stage->id}-switch",
            $harness->mark('B'),
            'Temperature switch, '.$decider->band->place->label(),
            $decider->band,
            $decider->action,
            $decider->ratedA,
            $bodyEarth,
        ));
    }
}
