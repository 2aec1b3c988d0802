<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\TemperatureBand;
use LampThread\Brief\ThermalAction;
use LampThread\Circuit\Fault\Drifted;
use LampThread\Circuit\Fault\Exchanged;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\PinOut;
use LampThread\Circuit\Fault\StuckOff;
use LampThread\Circuit\Fault\StuckOn;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodeVoltages;

/** A contact that temperature works: a screw-in switch, or a capillary thermostat. */
final readonly class TemperatureSwitch extends Component implements StatefulComponent, TemperatureSensing
{
    use SwitchesByBand;

    /** Thread of the body in clean metal, Ω (common practice, no source). */
    private const BODY_OHM = 0.005;

    /**
     * @param  float  $ratedA  what its contact may carry, A
     * @param  string  $deciderPath  JSON pointer to its decider in the brief
     * @param  string|null  $bodyEarth  the earth its body is screwed into; null where it has none or needs none
     * @param  string|null  $common  terminal its contact shares with another of the same body; null for its own terminal 2
     * @param  bool  $isCapillary  whether a bulb on a tube works it
     * @param  Message|null  $bought  what is bought, where that is more than this contact
     * @param  BodyContact  $bodyContact  what its body is one end of
     */
    public function __construct(
        string $id,
        string $mark,
        Message $name,
        private string $stageId,
        private TemperatureBand $band,
        private ThermalAction $action,
        private float $ratedA,
        public string $deciderPath,
        private ?string $bodyEarth = null,
        private ?string $common = null,
        private bool $isCapillary = false,
        private ?Message $bought = null,
        private BodyContact $bodyContact = BodyContact::Earth,
    ) {
        parent::__construct($id, $mark, $name);
    }

    /** The end of its contact that is switched: numbered apart where two contacts share a body. */
    public function contact(): string
    {
        return $this->terminal($this->common === null ? '1' : '3');
    }

    /** The end of its contact that is its body, or goes on from it. */
    public function common(): string
    {
        return $this->common ?? $this->terminal('2');
    }

    /** Whether its contact's common end is its bare body. */
    public function isBodyInContact(): bool
    {
        return $this->bodyContact !== BodyContact::None && ! $this->isCapillary;
    }

    /** Whether its body is fed, and passes the feed on. */
    public function passesFeedOn(): bool
    {
        return $this->bodyContact === BodyContact::Feed;
    }

    public function paths(): array
    {
        $paths = [new ConductionPath($this->contact(), $this->common(), Symbol::ThermalMake)];
        if ($this->bodyEarth !== null) {
            $paths[] = new ConductionPath($this->common(), $this->bodyEarth, Symbol::BodyThread);
        }

        return $paths;
    }

    public function faults(): array
    {
        return [
            new StuckOff, new StuckOn, new Open, Drifted::low(), Drifted::high(),
            // Of two contacts in one body, the switched ends.
            ...($this->common === null ? [] : [new Exchanged(FaultKind::LowAndHighExchanged, explode(':', $this->common)[0].':1', $this->contact())]),
        ];
    }

    public function finerFaults(): array
    {
        return $this->bodyEarth === null ? [] : [PinOut::ofBody("{$this->id}-body")];
    }

    public function currentLimitsA(): array
    {
        return [$this->id => $this->ratedA];
    }

    public function rating(): Rating
    {
        return Rating::switched($this->ratedA, [$this->id], "{$this->deciderPath}/ratedA");
    }

    public function partsList(): array
    {
        return $this->common !== null ? [] : [new PartsListEntry($this->bought ?? Message::of(
            'part.switch-set-to', part: $this->name, wires: $this->isCapillary ? 'none' : $this->bodyContact->wires(),
            onC: Unit::Celsius->of($this->band->onC), offC: Unit::Celsius->of($this->band->offC),
        ))];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $elements = [];
        if (($position === Hysteresis::HOT) === ($this->action === ThermalAction::ClosesWhenHot)) {
            $elements[] = new Resistor($this->id, $this->contact(), $this->common(), self::contactOhm($this->ratedA));
        }
        if ($this->bodyEarth !== null) {
            $elements[] = new Resistor("{$this->id}-body", $this->common(), $this->bodyEarth, self::BODY_OHM);
        }

        return $elements;
    }

    public function actedBy(): string
    {
        return match (true) {
            $this->action === ThermalAction::OpensWhenHot => 'switch-opens',
            $this->common !== null => 'switch-common',
            $this->bodyEarth !== null => 'switch-body',
            default => 'switch',
        };
    }

    public function needsScanTool(): bool
    {
        return false;
    }

    public function isJoinedPast(): bool
    {
        return true;
    }

    public function sensorSteps(): array
    {
        return match (true) {
            // The second contact of a body that is fitted already.
            $this->common !== null => [],
            $this->isCapillary, $this->band->place->isDry() => [ProbeFitting::step($this->band->place, $this->isCapillary)],
            $this->band->place->isInHose() => [Message::of("step.sensor.hose-adapter.{$this->bodyContact->value}")],
            $this->bodyEarth !== null => [Message::of('step.sensor.no-tape')],
            default => [Message::of('step.sensor.thread')],
        };
    }

    public function opensCoolant(): bool
    {
        return ! $this->band->place->isDry();
    }

    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        return $position;
    }

    public function actuatedPosition(): int
    {
        return Hysteresis::HOT;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
