<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Fault\Drifted;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\StuckOff;
use LampThread\Circuit\Fault\StuckOn;
use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodeVoltages;

/** One output of the engine computer that goes to earth, or to a feed, while the ignition is on and it wants the fan. */
final readonly class ComputerDriver extends Component implements HasInput, StatefulComponent, TemperatureSensing
{
    use SwitchesByBand;

    /** Output transistor, Ω (common practice, no source). */
    private const DRIVER_OHM = 0.5;

    /** Resistor through which the computer feeds its sensor, Ω (common practice, no source). */
    private const PULL_UP_OHM = 2200.0;

    /** Share of the supply above which the sensor's circuit reads as open. */
    private const OPEN_FROM_SHARE = 0.99;

    /**
     * @param  float  $ratedA  what the output may carry, A
     * @param  string  $ratedPath  JSON pointer to that rating in the brief
     * @param  bool  $openReadsHot  whether it runs the fan when its sensor's circuit is open
     * @param  bool  $hasAirConditioningRequest  whether it runs the fan when the air conditioning asks
     * @param  bool  $hasSensorCircuit  whether the sensor's circuit is part of this loom, at terminal S
     * @param  string|null  $feed  what it joins its output to; null for earth
     * @param  bool  $mustBeTold  whether it works no fan until it is told that it has one
     */
    public function __construct(
        string $id,
        string $mark,
        Message $name,
        private string $stageId,
        private TemperatureBand $band,
        private float $ratedA,
        private string $ratedPath,
        private bool $openReadsHot,
        private bool $hasAirConditioningRequest,
        private bool $hasSensorCircuit,
        private ?string $feed = null,
        private bool $mustBeTold = false,
    ) {
        parent::__construct($id, $mark, $name);
    }

    public function termination(string $number): Termination
    {
        return Termination::VehicleWire;
    }

    public function paths(): array
    {
        $paths = [new ConductionPath(...[...$this->output(), Symbol::Module])];

        return $this->hasSensorCircuit
            ? [...$paths, new ConductionPath(Rail::SUPPLY, $this->terminal('S'), Symbol::Module)]
            : $paths;
    }

    public function faults(): array
    {
        return [new StuckOff, new StuckOn, new Open, Drifted::low(), Drifted::high()];
    }

    public function provingStep(): ?Message
    {
        return $this->mustBeTold ? Message::of('step.prove.computer', name: $this->name) : null;
    }

    public function currentLimitsA(): array
    {
        return [$this->id => $this->ratedA];
    }

    public function rating(): Rating
    {
        return Rating::switched($this->ratedA, [$this->id], $this->ratedPath);
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        if ($conditions->key !== Key::Run) {
            return [];
        }
        $elements = [];
        $isAsked = $this->hasAirConditioningRequest && $conditions->position(Clutch::INPUT, Clutch::OFF) === Clutch::ON;
        if ($position === Hysteresis::HOT || $isAsked) {
            $elements[] = new Resistor($this->id, ...[...$this->output(), self::DRIVER_OHM]);
        }
        if ($this->hasSensorCircuit) {
            $elements[] = new Resistor("{$this->id}-pull-up", Rail::SUPPLY, $this->terminal('S'), self::PULL_UP_OHM);
        }

        return $elements;
    }

    protected function insides(): array
    {
        return [$this->id, "{$this->id}-pull-up"];
    }

    /** @return array{string, string} ends of its output, in the direction the current takes */
    private function output(): array
    {
        return $this->feed === null ? [$this->terminal('out'), Rail::EARTH] : [$this->feed, $this->terminal('out')];
    }

    public function actedBy(): string
    {
        return 'computer';
    }

    public function needsScanTool(): bool
    {
        return true;
    }

    public function isJoinedPast(): bool
    {
        return false;
    }

    public function sensorSteps(): array
    {
        return [Message::of('step.sensor.computer', mark: $this->mark, name: $this->name)];
    }

    public function opensCoolant(): bool
    {
        return false;
    }

    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        $readsOpen = $this->hasSensorCircuit
            && $voltages->at($this->terminal('S')) > self::OPEN_FROM_SHARE * $voltages->at(Rail::SUPPLY);

        return $this->openReadsHot && $readsOpen ? Hysteresis::HOT : $this->initialPosition($conditions);
    }

    public function actuatedPosition(): int
    {
        return Hysteresis::HOT;
    }

    public function isMechanical(): bool
    {
        return false;
    }

    public function input(): string
    {
        return Clutch::INPUT;
    }

    public function inputLabel(): Message
    {
        return Message::of('input.air-conditioning');
    }

    public function inputPositions(): array
    {
        return $this->hasAirConditioningRequest ? [Clutch::OFF, Clutch::ON] : [Clutch::OFF];
    }

    public function source(): InputSource
    {
        return InputSource::AirConditioning;
    }
}
