<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control\Decider;

use LampThread\Brief\Control;
use LampThread\Brief\DutyCurve;
use LampThread\Brief\RelayLead;
use LampThread\Brief\RequestInput;
use LampThread\Brief\Scale;
use LampThread\Brief\Stage;
use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Component\Stepless;
use LampThread\Circuit\Control\Form\Field;
use LampThread\Circuit\Control\Form\Fields;
use LampThread\Circuit\Control\Form\FieldValues;
use LampThread\Circuit\Control\Form\Option;
use LampThread\Circuit\Control\Load\Load;
use LampThread\Circuit\Control\Load\SteplessFan;
use LampThread\Circuit\Harness;
use LampThread\Circuit\TriggerLine;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Message\Unit;

/** A controller that gives the fan as much as the temperature asks for, from a least duty to all of it. */
final readonly class SteplessController extends TriggersRelay
{
    /** What the usual one gives, A (common practice, no source). */
    private const USUAL_RATED_A = 40.0;

    /** Time the usual one takes from standstill to what it is asked for, s (common practice, no source). */
    private const USUAL_SOFT_START_S = 3.0;

    /** The one that a computer tells what to give, in the codes of its texts. */
    private const MODULE = 'power-module';

    /** The least it can hold between starting and stopping, K (common practice, no source). */
    private const LEAST_GAP_K = 2.0;

    /**
     * @param  TemperatureBand  $band  starts at the least duty at onC, stops at offC
     * @param  float  $softStartS  from nothing to what is asked for, s; 0 for one that switches on at once
     * @param  float  $ratedA  what it may give the fan, A
     * @param  bool  $isByComputer  whether it is a power module that the engine computer tells what to give
     * @param  bool  $requestWantsEarth  whether its air-conditioning input asks when it is earthed, instead of when it is fed
     */
    private function __construct(
        private TemperatureBand $band,
        private DutyCurve $duty,
        private float $softStartS,
        private float $ratedA,
        private bool $requestWantsEarth,
        private ?Scale $scale,
        private bool $isByComputer,
    ) {}

    public static function kind(): string
    {
        return 'stepless';
    }

    public static function fields(): array
    {
        return [
            ...Fields::band(),
            Field::number('spanK', Unit::Kelvin, 0.5, 40),
            Field::number('leastDutyPercent', Unit::Percent, 5, 100),
            Field::number('softStartS', Unit::Second, 0, 60, self::USUAL_SOFT_START_S),
            Fields::ratedA(self::USUAL_RATED_A),
            Field::flag('requestWantsEarth', false),
            ...Fields::scale(),
            Field::flag('isByComputer', false),
        ];
    }

    public static function read(FieldValues $values): self
    {
        return new self(
            $values->band(),
            new DutyCurve($values->number('spanK'), $values->number('leastDutyPercent')),
            $values->number('softStartS'),
            $values->number('ratedA'),
            $values->flag('requestWantsEarth'),
            $values->scale(),
            $values->flag('isByComputer'),
        );
    }

    public static function options(int $number): array
    {
        $usual = ['spanK' => 8.0, 'leastDutyPercent' => 25.0, 'ratedA' => self::USUAL_RATED_A];

        return [new Option(self::kind(), $usual), new Option(self::MODULE, [...$usual, 'isByComputer' => true])];
    }

    public function option(): string
    {
        return $this->isByComputer ? self::MODULE : self::kind();
    }

    public function askedFields(Stage $stage): array
    {
        $both = ['ratedA', 'leastDutyPercent', 'spanK', 'softStartS', 'isByComputer'];

        return $this->isByComputer ? $both : [...$both, 'coolantStands', 'requestWantsEarth', ...Fields::SCALE];
    }

    public function scale(): ?Scale
    {
        return $this->scale;
    }

    public function requestWantsEarth(): bool
    {
        return $this->requestWantsEarth;
    }

    public function refusals(Stage $stage, string $path, Control $control): array
    {
        return $stage->relayLead === RelayLead::Plus
            ? []
            : [new Problem("{$path}/kind", Message::of('refusal.carries-fan-without-relay'))];
    }

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function canJoin(): bool
    {
        return false;
    }

    public function leastGapK(): float
    {
        return self::LEAST_GAP_K;
    }

    public function requestInput(): RequestInput
    {
        return $this->isByComputer ? RequestInput::Computer : RequestInput::Controller;
    }

    public function load(Stage $stage): Load
    {
        return new SteplessFan($stage, fn (Harness $harness, bool $hasRequest): Stepless => new Stepless(
            "{$stage->id}-controller",
            $harness->mark('A'),
            $stage->id,
            $this->band,
            $this->duty,
            $this->softStartS,
            $this->ratedA,
            $harness->deciderPath($stage).'/ratedA',
            $harness->brief->supply->systemV,
            $hasRequest,
            array_sum(array_map(static fn (string $id): float => $harness->brief->fan($id)->runA, $stage->fanIds)),
            $this->requestWantsEarth,
            $this->isByComputer,
        ), $this->isByComputer);
    }

    /** It carries the fan itself. */
    public function install(Harness $harness, TriggerLine $line): void {}
}
