<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Control;
use LampThread\Brief\RelayLead;
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
use LampThread\Circuit\Control\Load\DirectFan;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Harness;
use LampThread\Circuit\ProbeWires;
use LampThread\Circuit\SharedTerminal;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** An adjustable thermostat with a bulb or a probe. */
final readonly class Thermostat extends TriggersRelay
{
    /** What the usual one may carry, A (common practice, no source). */
    private const USUAL_RATED_A = 10.0;

    /**
     * @param  bool  $isDirect  whether its contact carries the fan itself
     * @param  bool  $hasDisplay  whether it shows the temperature, and so whether it is supplied
     */
    private function __construct(
        private ThermostatOutput $output,
        private TemperatureBand $band,
        private float $ratedA,
        private ?Scale $scale,
        private bool $isDirect,
        private bool $hasDisplay,
    ) {}

    public static function kind(): string
    {
        return 'thermostat';
    }

    public static function fields(): array
    {
        return [
            Field::word('output', array_column(ThermostatOutput::cases(), 'value')), ...Fields::band(), Fields::ratedA(self::USUAL_RATED_A), ...Fields::scale(),
            Field::flag('isDirect', false), Field::flag('hasDisplay', false),
        ];
    }

    public static function read(FieldValues $values): self
    {
        return new self(
            ThermostatOutput::from($values->text('output')), $values->band(), $values->number('ratedA'), $values->scale(), $values->flag('isDirect'),
            $values->flag('hasDisplay'),
        );
    }

    public static function options(int $number): array
    {
        $triggers = array_map(
            static fn (ThermostatOutput $output): Option => new Option($output->value, ['output' => $output->value], $output->side()),
            ThermostatOutput::cases(),
        );
        $carries = array_map(static fn (ThermostatOutput $output): Option => new Option(
            "{$output->value}-direct", ['output' => $output->value, 'isDirect' => true, 'ratedA' => self::USUAL_RATED_A],
        ), array_values(array_filter(ThermostatOutput::cases(), static fn (ThermostatOutput $output): bool => $output->isContact())));

        return [...$triggers, ...$carries];
    }

    public function option(): string
    {
        return $this->output->value.($this->isDirect ? '-direct' : '');
    }

    public function askedFields(Stage $stage): array
    {
        return ['ratedA', 'coolantStands', ...($this->output === ThermostatOutput::Capillary ? [] : ['hasDisplay']), ...Fields::SCALE];
    }

    public function refusals(Stage $stage, string $path, Control $control): array
    {
        return match (true) {
            $this->isDirect && ! $this->output->isContact() => [new Problem("{$path}/isDirect", Message::of('refusal.output-carries-no-fan'))],
            $this->isDirect && $stage->relayLead === RelayLead::Minus => [new Problem("{$path}/isDirect", Message::of('refusal.carries-fan-without-relay'))],
            $this->hasDisplay && $this->output === ThermostatOutput::Capillary => [new Problem("{$path}/hasDisplay", Message::of('refusal.capillary-has-no-display'))],
            default => [],
        };
    }

    public function canJoin(): bool
    {
        return ! $this->isDirect;
    }

    public function load(Stage $stage): Load
    {
        return $this->isDirect
            ? new DirectFan($stage, $this->sensing(...), isFedPastCoilFeed: $this->output === ThermostatOutput::Capillary, input: $this->fedInput($stage))
            : parent::load($stage);
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
        $sensing = $this->sensing($harness, $line->stage);
        [$first, $second] = array_map($sensing->terminal(...), $this->output->terminals());
        match ($this->output) {
            ThermostatOutput::Capillary => $line->bridge($harness, $first, $second, Stretch::Sensor, Stretch::SensorEarth, 'radiator'),
            ThermostatOutput::ToEarth => $harness->wire($line->joint(), $first, Stretch::Sensor, Colour::Trigger, TriggerLine::WIRES),
            ThermostatOutput::ToSupply => $harness->wire($second, $line->joint(), Stretch::Sensor, Colour::Trigger, TriggerLine::WIRES),
            ThermostatOutput::DryContact => $line->bridge($harness, $first, $second, Stretch::Sensor, Stretch::CoilToEarth, 'relays'),
        };
    }

    /** What senses, with its own supply and probe where it is electronic. */
    private function sensing(Harness $harness, Stage $stage): TemperatureSwitch|ElectronicThermostat
    {
        $id = "{$stage->id}-switch";
        $name = Message::of('component.adjustable-thermostat', place: Message::of("place.{$this->band->place->value}"));
        $path = $harness->deciderPath($stage);
        if ($this->output === ThermostatOutput::Capillary) {
            return $harness->add(new TemperatureSwitch(
                $id, $harness->mark('B'), $name, $stage->id, $this->band, ThermalAction::ClosesWhenHot, $this->ratedA, $path, isCapillary: true,
            ));
        }
        $module = $harness->add(new ElectronicThermostat(
            $id, $harness->mark('B'), $name, $stage->id, $this->band, $this->output->terminals(), $this->ratedA, "{$path}/ratedA", $harness->brief->supply->systemV,
            $this->hasDisplay,
        ));
        $harness->wire($harness->shared(SharedTerminal::COIL_FEED), $module->terminal('15'), Stretch::FuseToCoil, Colour::CoilFeed, TriggerLine::WIRES);
        $harness->wire($module->terminal('31'), $harness->earth('bay'), Stretch::CoilToEarth, Colour::Earth, TriggerLine::WIRES);
        ProbeWires::install($harness, $module);

        return $module;
    }
}
