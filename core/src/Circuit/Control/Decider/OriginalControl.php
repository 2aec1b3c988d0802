<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Control;
use LampThread\Brief\RequestInput;
use LampThread\Brief\Stage;
use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\VehicleWire;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;
use LampThread\Message\Problem;

/** What decided before: the computer, switch or amplifier the vehicle has, which goes on working the vehicle's own relay. */
final readonly class OriginalControl extends TriggersRelay
{
    /**
     * @param  string  $switchedBy  what works the vehicle's relay, in the installer's words: ‘engine computer’
     * @param  TemperatureBand  $band  as it was measured before anything was touched
     */
    private function __construct(
        private string $switchedBy,
        private TemperatureBand $band,
        private float $ratedA,
        private bool $openReadsHot,
    ) {}

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
            Field::flag('openReadsHot', false),
        ];
    }

    public static function read(FieldValues $values): self
    {
        return new self($values->text('output'), $values->band(), $values->number('ratedA'), $values->flag('openReadsHot'));
    }

    public static function options(int $number): array
    {
        return [new Option(self::kind(), ['output' => 'engine computer'], alsoSets: ['original' => ['isRelayReplaced' => false]])];
    }

    public function askedFields(Stage $stage): array
    {
        return ['ratedA', 'output', 'coolantStands', 'openReadsHot'];
    }

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function canJoin(): bool
    {
        return false;
    }

    public function isOriginal(): bool
    {
        return true;
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
        return $stage->original === null ? [new Problem("{$path}/kind", Message::of('refusal.original-wiring-missing'))] : [];
    }

    /** On the vehicle's own wire to its relay; where that is cut into, on the end the loom leaves. */
    public function install(Harness $harness, TriggerLine $line): void
    {
        $driver = $harness->add(new ComputerDriver(
            "{$line->stage->id}-output",
            $harness->mark('A'),
            Message::of('component.original-control', switchedBy: $this->switchedBy),
            $line->stage->id,
            $this->band,
            $this->ratedA,
            $harness->deciderPath($line->stage).'/ratedA',
            $this->openReadsHot,
            ComputerOutput::hearsAirConditioning($harness, $line->stage),
            $harness->brief->control->opensSensorCircuit($line->stage),
            $line->isEarthSide() ? null : $line->otherEnd($harness, 'bay'),
        ));
        $ends = $line->isEarthSide() ? [$line->joint(), $driver->terminal('out')] : [$driver->terminal('out'), $line->joint()];
        $harness->add(new VehicleWire("{$line->stage->id}-original-trigger", $harness->mark('WV'), ...$ends));
    }

    public function asks(Stage $stage, OperatingConditions $conditions, Circuit $circuit): bool
    {
        return $conditions->key === Key::Run && parent::asks($stage, $conditions, $circuit);
    }
}
