<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Fan;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Element\Rotor;
use LampThread\Electrics\MotorModel;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;

/** A fan's motor. At rest it is a plain path to earth through its armature. */
final readonly class FanMotor extends Component implements Settling
{
    public const AT_REST = 0;

    public const TURNING = 1;

    public MotorModel $model;

    /** @var array{string, string} */
    private array $leads;

    public function __construct(string $mark, public Fan $fan)
    {
        parent::__construct($fan->id, $mark, "Fan, {$fan->name}");
        $this->model = MotorModel::of($fan);
        $this->leads = [$this->terminal('+'), $this->terminal('-')];
    }

    public function passes(): array
    {
        return [new Pass($this->terminal('+'), $this->terminal('-'), Symbol::Motor)];
    }

    public function figure(): array
    {
        return [$this->fan->runA, 'A'];
    }

    public function elements(Setting $setting, int $position): array
    {
        return [$position === self::TURNING
            ? new Rotor($this->id, $this->terminal('+'), $this->terminal('-'), $this->model)
            : new Resistor($this->id, $this->terminal('+'), $this->terminal('-'), $this->model->armatureOhm)];
    }

    public function start(Setting $setting): int
    {
        return self::AT_REST;
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        if (in_array($this->id, $setting->jammed, true)) {
            return self::AT_REST;
        }
        $turns = $this->model->turns($position === self::TURNING, $volts->across(...$this->leads));

        return $turns ? self::TURNING : self::AT_REST;
    }

    public function worked(): int
    {
        return self::TURNING;
    }

    public function isMechanical(): bool
    {
        return false;
    }
}
