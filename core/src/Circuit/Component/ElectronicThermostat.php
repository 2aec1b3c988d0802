<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Fault\Drifted;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\StuckOff;
use LampThread\Circuit\Fault\StuckOn;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodeVoltages;

/** A thermostat with a probe that works only while it is supplied: terminals 15 and 31, and an output. */
final readonly class ElectronicThermostat extends Component implements StatefulComponent, TemperatureSensing
{
    use SwitchesByBand;

    /** Hot, and supplied: the contact is closed. */
    public const SWITCHED = 2;

    /** Contact or output transistor, Ω (common practice, no source). */
    private const CONTACT_OHM = 0.05;

    /** What it draws for itself, Ω at its supply (common practice, no source). */
    private const SUPPLY_OHM = 800.0;

    /** Share of the system's voltage it needs to work (common practice, no source). */
    private const WORKS_FROM_SHARE = 0.6;

    /**
     * @param  array{string, string}  $output  numbers of the two terminals its output joins, in the direction the current takes
     * @param  float  $ratedA  what the output may carry, A
     * @param  string  $ratedPath  JSON pointer to that rating in the brief
     * @param  bool  $hasDisplay  whether it shows the temperature
     */
    public function __construct(
        string $id,
        string $mark,
        Message $name,
        private string $stageId,
        private TemperatureBand $band,
        private array $output,
        private float $ratedA,
        private string $ratedPath,
        private int $systemV,
        private bool $hasDisplay = false,
    ) {
        parent::__construct($id, $mark, $name);
    }

    /** @return array{string, string} the two terminals its output joins, in the direction the current takes */
    public function output(): array
    {
        return [$this->terminal($this->output[0]), $this->terminal($this->output[1])];
    }

    private function probe(): ProbeInput
    {
        return new ProbeInput($this->id, $this->terminal('15'), $this->terminal('31'));
    }

    public function termination(string $number): Termination
    {
        return Termination::Clamp;
    }

    public function paths(): array
    {
        return [
            new ConductionPath($this->terminal('15'), $this->terminal('31'), Symbol::Module),
            new ConductionPath(...[...$this->output(), Symbol::ThermalMake]),
            ...$this->probe()->paths(),
        ];
    }

    public function faults(): array
    {
        return [new StuckOff, new StuckOn, new Open, Drifted::low(), Drifted::high()];
    }

    public function currentLimitsA(): array
    {
        return [$this->id => $this->ratedA];
    }

    public function rating(): Rating
    {
        return Rating::switched($this->ratedA, [$this->id], $this->ratedPath);
    }

    public function electronics(): array
    {
        return [$this->terminal('15'), $this->terminal('31')];
    }

    public function partsList(): array
    {
        return [new PartsListEntry(Message::of(
            'part.set-to', part: $this->name, onC: Unit::Celsius->of($this->band->onC), offC: Unit::Celsius->of($this->band->offC),
        ))];
    }

    public function provingStep(): ?Message
    {
        return $this->hasDisplay ? Message::of('step.prove.display', mark: $this->mark, name: $this->name) : null;
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $elements = [
            new Resistor("{$this->id}-supply", $this->terminal('15'), $this->terminal('31'), self::SUPPLY_OHM),
            ...$this->probe()->elements(),
        ];
        if ($position === self::SWITCHED) {
            $elements[] = new Resistor($this->id, ...[...$this->output(), self::CONTACT_OHM]);
        }

        return $elements;
    }

    protected function insides(): array
    {
        return ["{$this->id}-supply", ...$this->probe()->insides()];
    }

    public function actedBy(): string
    {
        return 'thermostat';
    }

    public function needsScanTool(): bool
    {
        return false;
    }

    public function isJoinedPast(): bool
    {
        return false;
    }

    public function sensorSteps(): array
    {
        return [ProbeFitting::step($this->band->place, isCapillary: false)];
    }

    public function opensCoolant(): bool
    {
        return ! $this->band->place->isDry();
    }

    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        $probe = $this->probe();
        $isHot = match (true) {
            $probe->isOpen($voltages) => false,
            $probe->isShorted($voltages) => true,
            default => $position !== Hysteresis::COLD,
        };
        $works = $voltages->across($this->terminal('15'), $this->terminal('31')) >= self::WORKS_FROM_SHARE * $this->systemV;

        return $isHot ? ($works ? self::SWITCHED : Hysteresis::HOT) : Hysteresis::COLD;
    }

    public function actuatedPosition(): int
    {
        return self::SWITCHED;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
