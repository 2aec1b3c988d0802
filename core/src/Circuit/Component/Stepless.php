<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\DutyCurve;
use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Fault\Drifted;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\StuckOff;
use LampThread\Circuit\Fault\StuckOn;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;
use LampThread\Network\Element\VoltageSource;
use LampThread\Network\NodeVoltages;

/**
 * A stepless controller that switches the fan's minus. Averaged over its switching it is an ideal transformer of ratio d, its
 * duty: the fan sees d times the supply, the supply sees d times the fan's current. With plus common, that is three resistances
 * g(1 − d), g·d and −g·d(1 − d) between supply, fan minus and earth, g being its output's conductance; so it needs no element of its own.
 */
final readonly class Stepless extends Component implements StatefulComponent, TemperatureSensing
{
    /** Output transistors, Ω (common practice, no source). */
    private const OUTPUT_OHM = 0.005;

    private const LINK_OHM = 0.001;

    /**
     * Ripple its supply capacitor takes, over the fans' current at full speed: a square-law fan draws d² of it at a duty d, and d²·√(d(1 − d)) is
     * 0.26 at most, at 0.83.
     */
    private const RIPPLE_SHARE = 0.26;

    /** What one 1000 µF capacitor of low resistance stands, A (common practice, no source). */
    private const CAPACITOR_RIPPLE_A = 2.5;

    /** Voltage across its freewheel diode (common practice, no source). */
    private const DIODE_V = 0.5;

    /** Its inputs, Ω (common practice, no source). */
    private const INPUT_OHM = 4700.0;

    /** Voltage from which an input counts as live, V. */
    private const LIVE_V = 3.0;

    private const FULL = 100;

    /** Position in which another path to earth holds the fans' minus: its output then carries nothing, as its diode lets nothing back. */
    private const BYPASSED = 101;

    /** Below what its duty leaves at the fans' minus by so much, something else holds that down, V. */
    private const HELD_DOWN_V = 0.02;

    /**
     * @param  float  $softStartS  from nothing to what is asked for, s; 0 for one that switches on at once
     * @param  float  $ratedA  what it may give the fan, A
     * @param  string  $ratedPath  JSON pointer to that rating in the brief
     * @param  float  $fansA  what its fans draw at full speed, A
     * @param  bool  $hasRequest  whether anything is joined to its air-conditioning input
     * @param  bool  $requestWantsEarth  whether that input asks when it is earthed, instead of when it is fed
     * @param  bool  $isByComputer  whether the engine computer tells it how much to give, instead of a probe of its own; without that signal it gives all
     */
    public function __construct(
        string $id,
        string $mark,
        private string $stageId,
        private TemperatureBand $band,
        private DutyCurve $duty,
        public float $softStartS,
        private float $ratedA,
        private string $ratedPath,
        private int $systemV,
        private bool $hasRequest,
        private float $fansA,
        private bool $requestWantsEarth = false,
        private bool $isByComputer = false,
    ) {
        parent::__construct($id, $mark, Message::of($isByComputer ? 'component.power-module' : 'component.stepless-controller'));
    }

    private function probe(): ProbeInput
    {
        return new ProbeInput($this->id, $this->terminal('15'), $this->terminal('31'), $this->isByComputer);
    }

    public function termination(string $number): Termination
    {
        return in_array($number, ['30', '31', 'M+', 'M-'], true) ? Termination::Stud : Termination::SealedPlug;
    }

    public function paths(): array
    {
        return [
            new ConductionPath($this->terminal('30'), $this->terminal('M+'), Symbol::Module, $this->terminal('M+')),
            new ConductionPath($this->terminal('M-'), $this->terminal('31'), Symbol::Module, $this->terminal('M-')),
            new ConductionPath($this->terminal('15'), $this->terminal('31'), Symbol::Module, $this->terminal('15')),
            ...$this->probe()->paths(),
            ...($this->hasRequest ? [new ConductionPath(...[...$this->request(), Symbol::Module, $this->terminal('AC')])] : []),
        ];
    }

    public function figure(): Quantity
    {
        return Unit::Celsius->of($this->band->onC);
    }

    public function faults(): array
    {
        return [new StuckOff, new StuckOn, new Open, Drifted::low(), Drifted::high()];
    }

    public function remembersPosition(): bool
    {
        return true;
    }

    public function rating(): Rating
    {
        $terminals = [$this->terminal('M+'), $this->terminal('M-'), $this->terminal('15'), ...($this->hasRequest ? [$this->terminal('AC')] : [])];

        return Rating::switched($this->ratedA, $terminals, $this->ratedPath, Measure::TerminalCurrent);
    }

    public function electronics(): array
    {
        return [$this->terminal('30'), $this->terminal('31')];
    }

    public function partsList(): array
    {
        return $this->isByComputer ? [new PartsListEntry($this->name)] : [
            new PartsListEntry(Message::of(
                'part.set-to', part: $this->name, onC: Unit::Celsius->of($this->band->onC), offC: Unit::Celsius->of($this->band->offC),
            )),
            new PartsListEntry($this->capacitor(), null, Message::of('part.across-supply', mark: $this->mark)),
        ];
    }

    public function fittingStep(): Message
    {
        return $this->isByComputer
            ? Message::of('step.fit.power-module', mark: $this->mark, name: $this->name)
            : Message::of('step.fit.stepless', mark: $this->mark, name: $this->name, capacitor: $this->capacitor());
    }

    public function provingStep(): Message
    {
        return $this->isByComputer
            ? Message::of('step.prove.power-module', mark: $this->mark, name: $this->name)
            : Message::of('step.prove.stepless', mark: $this->mark, name: $this->name, on: Unit::Celsius->of($this->band->onC));
    }

    /** What steadies its supply at the end of a long lead: twice to three times the system's voltage (common practice, no source). */
    private function capacitor(): Message
    {
        $rippleA = self::RIPPLE_SHARE * $this->fansA;

        return Message::of('part.capacitor', count: (int) max(1, ceil($rippleA / self::CAPACITOR_RIPPLE_A)), ratedV: Unit::Volt->of(match ($this->systemV) {
            24 => 63,
            6 => 16,
            default => 35,
        }), ripple: Unit::Ampere->of($rippleA));
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $elements = [
            new Resistor("{$this->id}-link", $this->terminal('30'), $this->terminal('M+'), self::LINK_OHM),
            new Resistor("{$this->id}-enable", $this->terminal('15'), $this->terminal('31'), self::INPUT_OHM),
            ...$this->probe()->elements(),
        ];
        if ($this->hasRequest) {
            $elements[] = new Resistor("{$this->id}-request", ...[...$this->request(), self::INPUT_OHM]);
        }
        if ($position === 0 || $position === self::BYPASSED) {
            return $elements;
        }
        $duty = $position / 100;
        $elements[] = new Resistor($this->id, $this->terminal('M-'), $this->terminal('31'), self::OUTPUT_OHM / $duty);
        if ($duty < 1) {
            // While the output is off the diode carries the fan's current and keeps its own volts from it.
            $elements[] = new VoltageSource(
                "{$this->id}-freewheel", $this->terminal('M-'), $this->terminal('M+'), self::DIODE_V, self::OUTPUT_OHM / (1 - $duty),
            );
            $elements[] = new VoltageSource(
                "{$this->id}-ratio", $this->terminal('M+'), $this->terminal('31'), -self::DIODE_V, -self::OUTPUT_OHM / ($duty * (1 - $duty)),
            );
        }

        return $elements;
    }

    protected function insides(): array
    {
        return ["{$this->id}-enable", "{$this->id}-request", ...$this->probe()->insides()];
    }

    /** @return array{string, string} its air-conditioning input and what that is held at: its earth, or where it wants an earth its own feed */
    private function request(): array
    {
        return $this->requestWantsEarth ? [$this->terminal('15'), $this->terminal('AC')] : [$this->terminal('AC'), $this->terminal('31')];
    }

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function stageId(): string
    {
        return $this->stageId;
    }

    public function thresholdsC(): array
    {
        return [$this->band->offC, $this->band->onC, $this->fullDemandC()];
    }

    public function fullDemandC(): float
    {
        return $this->band->onC + $this->duty->spanK;
    }

    public function isProportional(): bool
    {
        return true;
    }

    public function actedBy(): string
    {
        return $this->isByComputer ? 'power-module' : 'stepless';
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
        return $this->isByComputer ? [] : [ProbeFitting::step($this->band->place, isCapillary: false)];
    }

    public function opensCoolant(): bool
    {
        return ! $this->isByComputer && ! $this->band->place->isDry();
    }

    public function initialPosition(OperatingConditions $conditions): int
    {
        return 0;
    }

    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        $earth = $this->terminal('31');
        if ($voltages->across($this->terminal('15'), $earth) < self::LIVE_V) {
            return 0;
        }
        if ($this->hasRequest && ($voltages->across($this->terminal('AC'), $earth) >= self::LIVE_V) !== $this->requestWantsEarth) {
            return self::FULL;
        }
        $probe = $this->probe();
        if ($probe->isOpen($voltages)) {
            return $this->isByComputer ? self::FULL : 0;
        }
        if ($probe->isShorted($voltages)) {
            return self::FULL;
        }

        if (Hysteresis::of($this->band, $conditions, $this->id) === Hysteresis::COLD) {
            return 0;
        }
        $percent = (int) round($this->duty->percentAt($conditions->readsC($this->id) - $this->band->onC));

        return $this->isHeldDown($percent, $voltages) ? self::BYPASSED : $percent;
    }

    /** Whether the fans' minus is lower than its own duty would leave it. */
    private function isHeldDown(int $percent, NodeVoltages $voltages): bool
    {
        $supplyV = $voltages->across($this->terminal('M+'), $this->terminal('31'));
        $leavesV = (1 - $percent / self::FULL) * ($supplyV + self::DIODE_V);

        return $percent < self::FULL && $supplyV >= self::LIVE_V && $voltages->across($this->terminal('M-'), $this->terminal('31')) < $leavesV - self::HELD_DOWN_V;
    }

    public function actuatedPosition(): int
    {
        return self::FULL;
    }

    public function isMechanical(): bool
    {
        return false;
    }
}
