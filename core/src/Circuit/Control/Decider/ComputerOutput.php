<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Control;
use LampThread\Brief\RequestInput;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** An output of the engine computer, or of an amplifier it works: to earth, or to plus. It has its own rule; its temperatures are told here. */
final readonly class ComputerOutput extends TriggersRelay
{
    /** What such an output usually carries, A (common practice, no source). */
    public const USUAL_RATED_A = 0.7;

    private function __construct(
        private string $output,
        private TemperatureBand $band,
        private float $ratedA,
        private bool $openReadsHot,
        private bool $mustBeTold,
    ) {}

    public static function kind(): string
    {
        return 'computer';
    }

    public static function fields(): array
    {
        return [
            Field::text('output', 40, 'field.computer-output'),
            ...Fields::band(),
            Fields::ratedA(self::USUAL_RATED_A),
            Field::flag('openReadsHot', false),
            Field::flag('mustBeTold', false),
        ];
    }

    public static function read(FieldValues $values): self
    {
        return new self($values->text('output'), $values->band(), $values->number('ratedA'), $values->flag('openReadsHot'), $values->flag('mustBeTold'));
    }

    public static function options(int $number): array
    {
        return [new Option(self::kind(), ['output' => $number === 1 ? 'fan' : "fan {$number}"], Side::Earth)];
    }

    public function askedFields(Stage $stage): array
    {
        return ['ratedA', 'output', 'coolantStands', 'openReadsHot', 'mustBeTold'];
    }

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function requestInput(): RequestInput
    {
        return RequestInput::Computer;
    }

    public function takesOpenSensorAsHot(): bool
    {
        return $this->openReadsHot;
    }

    public function refusals(Stage $stage, string $path, Control $control): array
    {
        foreach ($control->stages as $other) {
            if ($other === $stage) {
                break;
            }
            if ($other->decider instanceof self && $other->decider->output === $this->output) {
                return [new Problem("{$path}/output", Message::of('refusal.output-taken', output: $this->output))];
            }
        }

        return [];
    }

    public function install(Harness $harness, TriggerLine $line): void
    {
        $driver = $harness->add(new ComputerDriver(
            "{$line->stage->id}-output",
            $harness->mark('A'),
            Message::of('component.computer-output', output: $this->output),
            $line->stage->id,
            $this->band,
            $this->ratedA,
            $harness->deciderPath($line->stage).'/ratedA',
            $this->openReadsHot,
            self::hearsAirConditioning($harness, $line->stage),
            $harness->brief->control->opensSensorCircuit($line->stage),
            $line->isEarthSide() ? null : $line->otherEnd($harness, 'bay'),
            $this->mustBeTold,
        ));
        $ends = $line->isEarthSide() ? [$line->joint(), $driver->terminal('out')] : [$driver->terminal('out'), $line->joint()];
        $harness->wire(...[...$ends, Stretch::Dash, Colour::Trigger, TriggerLine::WIRES]);
    }

    /** Whether the computer that decides a stage is told when the air conditioning asks for it. */
    public static function hearsAirConditioning(Harness $harness, Stage $stage): bool
    {
        $airConditioning = $harness->brief->control->airConditioning;

        return $airConditioning?->trigger->request() === RequestInput::Computer && $airConditioning->asksFor($stage);
    }

    public function asks(Stage $stage, OperatingConditions $conditions, Circuit $circuit): bool
    {
        return $conditions->key === Key::Run && parent::asks($stage, $conditions, $circuit);
    }
}
