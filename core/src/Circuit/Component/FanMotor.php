<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Fan;
use LampThread\Circuit\Fault\Jammed;
use LampThread\Circuit\Fault\LeadsExchanged;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\Short;
use LampThread\Circuit\Fault\Worn;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Network\Element\Element;
use LampThread\Network\Element\Motor;
use LampThread\Network\Element\MotorModel;
use LampThread\Network\Element\Resistor;
use LampThread\Network\NodeVoltages;

/** A fan's motor. At rest it is a plain path to earth through its armature. */
final readonly class FanMotor extends Component implements StatefulComponent
{
    public const AT_REST = 0;

    public const TURNING = 1;

    /** A fan's motor stands this much more than its running current for hours (common practice, no source). */
    private const LIMIT_SHARE = 1.5;

    /** Heat its winding stands at a standstill, J for each watt it runs on (common practice, no source). */
    private const STALL_J_PER_W = 100.0;

    /** A fan takes so much more or less than told, over its current (common practice, no source). */
    private const LIMIT_OF_DRAW = 0.15;

    /** Worn brushes add so much of what it is as a load while it runs (common practice, no source). */
    private const WORN_SHARE = 0.35;

    public MotorModel $model;

    /** @var array{string, string} */
    private array $leads;

    public function __construct(string $mark, public Fan $fan)
    {
        parent::__construct($fan->id, $mark, Message::of('component.fan', fan: $fan->name));
        $this->model = new MotorModel($fan->ratedV, $fan->runA, $fan->startA);
        $this->leads = [$this->terminal('+'), $this->terminal('-')];
    }

    /** Its name is no part of it. */
    public function isSameAs(Component $other): bool
    {
        return $other instanceof self && $this->fan->renamed('') == $other->fan->renamed('');
    }

    public function termination(string $number): Termination
    {
        return Termination::FanLead;
    }

    public function paths(): array
    {
        return [new ConductionPath($this->leads[0], $this->leads[1], Symbol::Motor)];
    }

    public function comesOut(): bool
    {
        return true;
    }

    public function pluggedTerminals(): array
    {
        return ['+' => true, '-' => false];
    }

    public function figure(): Quantity
    {
        return Unit::Ampere->of($this->fan->runA);
    }

    public function faults(): array
    {
        return [new Open, new Jammed, new Short($this->shorts()), new LeadsExchanged(...$this->leads)];
    }

    public function finerFaults(): array
    {
        return [new Worn(self::WORN_SHARE * $this->fan->ratedV / $this->fan->runA)];
    }

    /**
     * How fast it turns over its rated speed; below 0 the other way than it was wired for, by exchanged leads or an exchanged battery.
     *
     * @param  int  $position  where it stands
     */
    public function turningShare(int $position, NodeVoltages $voltages, Faults $faults): float
    {
        $volts = $this->volts($voltages);
        $fault = $faults->fault($this->id);
        $isBackwards = $volts < 0.0 !== ($fault?->kind === FaultKind::LeadsExchanged);
        $model = $fault === null || $fault->brushOhm() === 0.0 ? $this->model : $this->model->inSeriesWith($fault->brushOhm());

        return $position === self::TURNING ? ($isBackwards ? -1 : 1) * abs($model->speedShare($volts)) : 0.0;
    }

    /**
     * Air it moves over what it is rated for, whichever way: the wrong way it is what a blade moves that meets the air with the wrong edge.
     *
     * @param  int  $position  where it stands
     */
    public function flowShare(int $position, NodeVoltages $voltages, Faults $faults): float
    {
        $turning = $this->turningShare($position, $voltages, $faults);

        return abs($turning * $this->fan->airShare(areLeadsExchanged: $turning < 0.0));
    }

    public function currentLimitsA(): array
    {
        return [$this->id => self::LIMIT_SHARE * $this->fan->runA];
    }

    public function heatLimitsA2s(): array
    {
        return [$this->id => self::STALL_J_PER_W * $this->fan->runA * $this->fan->ratedV / $this->model->armatureOhm];
    }

    public function nonlinearTerminals(): array
    {
        return $this->leads;
    }

    public function limit(Element $element, float $ampere, float $volts): Limit
    {
        return Limit::taken(self::LIMIT_OF_DRAW * $ampere);
    }

    /** Voltage across its leads, V. */
    public function volts(NodeVoltages $voltages): float
    {
        return $voltages->across(...$this->leads);
    }

    public function loadElement(): string
    {
        return $this->id;
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [$position === self::TURNING
            ? new Motor($this->id, $this->leads[0], $this->leads[1], $this->model)
            : new Resistor($this->id, $this->leads[0], $this->leads[1], $this->model->armatureOhm)];
    }

    public function initialPosition(OperatingConditions $conditions): int
    {
        return self::AT_REST;
    }

    public function nextPosition(int $position, OperatingConditions $conditions, NodeVoltages $voltages): int
    {
        if (in_array($this->id, $conditions->jammed, true)) {
            return self::AT_REST;
        }
        $turns = $this->model->turns($position === self::TURNING, $voltages->across(...$this->leads));

        return $turns ? self::TURNING : self::AT_REST;
    }

    public function actuatedPosition(): int
    {
        return self::TURNING;
    }

    public function isMechanical(): bool
    {
        return false;
    }
}
