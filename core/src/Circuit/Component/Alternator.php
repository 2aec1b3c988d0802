<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Assumptions;
use LampThread\Brief\Supply;
use LampThread\Circuit\Fault\AlternatorFault;
use LampThread\Message\Message;
use LampThread\Network\Element\CurrentSource;
use LampThread\Network\Element\Element;
use LampThread\Network\Element\VoltageSource;
use LampThread\Network\NodeVoltages;

/** The charging system: holds its voltage until the current it can give at this engine speed is reached. */
final readonly class Alternator extends Component implements StatefulComponent
{
    public const ID = 'alternator';

    public const STANDING = 0;

    public const REGULATING = 1;

    public const AT_LIMIT = 2;

    /** What it holds its voltage behind, Ω (common practice, no source). */
    private const REGULATED_OHM = 0.003;

    /** What a regulator that has failed lets the voltage rise to, over the right one (common practice, no source). */
    private const OVERCHARGE_SHARE = 1.15;

    /** A load dump that the alternator's own diodes clamp, over the system's voltage: 35 V at 12 V (ISO 16750-2, from memory). */
    private const LOAD_DUMP_SHARE = 35.0 / 12.0;

    /** How long that lasts, s (common practice, no source). */
    private const LOAD_DUMP_S = 0.4;

    /** Regulators differ by so much, over the voltage (common practice, no source). */
    private const LIMIT_OF_VOLTS = 0.035;

    /** They give so much less than printed, idling a little slower or driven by a worn belt (common practice, no source). */
    private const LIMIT_OF_OUTPUT = 0.25;

    /** A battery that lends what is missing has so much of its resting voltage (common practice, no source). */
    private const LENT_SHARE = 0.97;

    /** What it holds its voltage behind, Ω; the lead to the battery is the rest of it where that is a part of its own. */
    private float $ohm;

    /**
     * @param  string  $output  terminal its output is at
     * @param  float  $leadOhm  from there to the battery, Ω
     */
    public function __construct(private Supply $supply, private string $output = Rail::SUPPLY, float $leadOhm = 0.0)
    {
        parent::__construct(self::ID, 'G2', Message::of('component.alternator'));
        $this->ohm = self::REGULATED_OHM - $leadOhm;
    }

    public function paths(): array
    {
        return [];
    }

    public function faults(): array
    {
        return [
            new AlternatorFault(FaultKind::Open, null),
            new AlternatorFault(FaultKind::Overcharge, $this->source(self::OVERCHARGE_SHARE * $this->supply->chargingV)),
            new AlternatorFault(FaultKind::LoadDump, $this->source(self::LOAD_DUMP_SHARE * $this->supply->systemV), self::LOAD_DUMP_S),
        ];
    }

    public function limit(Element $element, float $ampere, float $volts): Limit
    {
        return Limit::inSeries(self::LIMIT_OF_VOLTS * $volts);
    }

    /**
     * To what a sound one may let the volts fall, V: where it gives nearly what it can at this engine speed, to what the battery gives beside it.
     *
     * @param  float  $givenA  that it gives, A
     * @param  float  $volts  that it should hold, V
     */
    public function mayFallToV(float $engineRpm, float $givenA, float $volts): float
    {
        return $givenA > (1 - self::LIMIT_OF_OUTPUT) * $this->limitA($engineRpm) ? min($volts, self::LENT_SHARE * $this->supply->restingV) : $volts;
    }

    private function source(float $volts): VoltageSource
    {
        return new VoltageSource(self::ID, $this->output, Rail::EARTH, $volts, $this->ohm);
    }

    /** What it can give, A: from the idle output in a straight line to the rated one. */
    public function limitA(float $engineRpm): float
    {
        $share = ($engineRpm - Assumptions::IDLE_RPM) / (Assumptions::CHARGING_RPM - Assumptions::IDLE_RPM);

        return $this->supply->alternatorIdleA
            + max(0.0, min(1.0, $share)) * ($this->supply->alternatorRatedA - $this->supply->alternatorIdleA);
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return match ($position) {
            self::REGULATING => [$this->source($this->supply->chargingV)],
            self::AT_LIMIT => [new CurrentSource(self::ID, $this->output, Rail::EARTH, $this->limitA($conditions->engineRpm))],
            default => [],
        };
    }

    public function initialPosition(OperatingConditions $conditions): int
    {
        return $conditions->engineRpm >= Assumptions::ALTERNATOR_CUT_IN_RPM ? self::REGULATING : self::STANDING;
    }

    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        $busV = $voltages->across($this->output, Rail::EARTH);
        $givenA = ($this->supply->chargingV - $busV) / $this->ohm;

        return match ($position) {
            self::REGULATING => $givenA > $this->limitA($conditions->engineRpm) ? self::AT_LIMIT : self::REGULATING,
            self::AT_LIMIT => $busV > $this->supply->chargingV ? self::REGULATING : self::AT_LIMIT,
            default => self::STANDING,
        };
    }

    public function actuatedPosition(): int
    {
        return self::REGULATING;
    }

    public function isMechanical(): bool
    {
        return false;
    }
}
