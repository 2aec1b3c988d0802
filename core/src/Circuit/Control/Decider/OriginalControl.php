<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Control;
use LampThread\Brief\RequestInput;
use LampThread\Brief\Side;
use LampThread\Brief\Stage;
use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Control\Load\OriginalFan;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Message\Unit;

/** What ran the fan before: the vehicle's own fuse, relay and wires stay, and so does what works them. */
final readonly class OriginalControl extends TriggersRelay
{
    /** Size of the fan's wire where nobody has looked, mm² (common practice, no source). */
    private const USUAL_AREA_MM2 = 2.5;

    /** Fuse of that circuit where nobody has looked, A (common practice, no source). */
    private const USUAL_FUSE_A = 30.0;

    /**
     * @param  string  $switchedBy  what earths the vehicle's relay, in the installer's words: ‘engine computer’
     * @param  TemperatureBand  $band  as it was measured before anything was touched
     * @param  float  $areaMm2  copper of the wires it has to the fan, mm²
     */
    private function __construct(private string $switchedBy, private TemperatureBand $band, private float $ratedA, private float $areaMm2) {}

    public static function kind(): string
    {
        return 'original';
    }

    public static function fields(): array
    {
        return [
            Field::text('output', 40, 'field.switched-by'),
            ...Fields::band(),
            Fields::ratedA(ComputerOutput::USUAL_RATED_A),
            Field::number('areaMm2', Unit::SquareMillimetre, 0.35, 35, self::USUAL_AREA_MM2),
        ];
    }

    public static function read(FieldValues $values): self
    {
        return new self($values->text('output'), $values->band(), $values->number('ratedA'), $values->number('areaMm2'));
    }

    public static function options(int $number): array
    {
        return [new Option(self::kind(), ['output' => 'engine computer'], Side::Earth, ['/control/existingFuseA' => self::USUAL_FUSE_A])];
    }

    public function askedFields(Stage $stage): array
    {
        return ['ratedA', 'output', 'areaMm2', 'coolantStands'];
    }

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function keepsOriginalWiring(): bool
    {
        return true;
    }

    public function requestInput(): RequestInput
    {
        return RequestInput::Computer;
    }

    public function side(): Side
    {
        return Side::Earth;
    }

    public function load(Stage $stage): Load
    {
        return new OriginalFan($stage, $this->areaMm2);
    }

    /** The vehicle's own control is kept whole or left alone: it runs one fan, first. */
    public function refusals(Stage $stage, string $path, Control $control): array
    {
        $problems = [];
        if ($control->stages[0] !== $stage) {
            $problems[] = new Problem("{$path}/kind", Message::of('refusal.original-not-first'));
        }
        if (count($stage->fanIds) > 1) {
            $problems[] = new Problem(dirname($path).'/fans/1', Message::of('refusal.original-runs-one-fan'));
        }
        if ($control->existingFuseA === null) {
            $problems[] = new Problem('/control/existingFuseA', Message::of('refusal.original-fuse-missing'));
        }

        return $problems;
    }

    /** Lies where the line's joint is already: the wire between them is the vehicle's. */
    public function install(Harness $harness, TriggerLine $line): void
    {
        $harness->add(new ComputerDriver(
            "{$line->stage->id}-output",
            $harness->mark('A'),
            Message::of('component.original-control', switchedBy: $this->switchedBy),
            $line->stage->id,
            $this->band,
            $this->ratedA,
            $harness->stagePath($line->stage).'/decider/ratedA',
            openReadsHot: false,
            hasAirConditioningRequest: $harness->brief->control->airConditioning?->trigger->request() === RequestInput::Computer,
            hasSensorCircuit: false,
        ));
    }

    public function asks(Stage $stage, OperatingConditions $conditions, Circuit $circuit): bool
    {
        return $conditions->key === Key::Run && parent::asks($stage, $conditions, $circuit);
    }
}
