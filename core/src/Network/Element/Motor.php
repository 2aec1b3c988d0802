<?php

declare(strict_types=1);

namespace LampThread\Network\Element;

/** A fan motor that turns. At rest it is a Resistor: its armature. */
final readonly class Motor extends Branch
{
    public function __construct(string $name, string $from, string $to, public MotorModel $model)
    {
        parent::__construct($name, $from, $to);
    }

    public function isLinear(): bool
    {
        return false;
    }

    public function between(string $from, string $to): self
    {
        return new self($this->name(), $from, $to, $this->model);
    }

    public function inSeriesWith(float $ohm): self
    {
        return new self($this->name(), $this->from(), $this->to(), $this->model->inSeriesWith($ohm));
    }

    public function times(float $factor): self
    {
        return new self($this->name(), $this->from(), $this->to(), $this->model->times($factor));
    }

    public function companion(float $volts): array
    {
        $slopeS = $this->model->slopeS($volts);

        return [$slopeS, $this->model->currentA($volts) - $slopeS * $volts];
    }

    public function currentA(float $volts): float
    {
        return $this->model->currentA($volts);
    }

    public function resistanceOhm(): float
    {
        return $this->model->armatureOhm;
    }

    public function spice(string $name, string $from, string $to): array
    {
        $a = $this->model->runA * $this->model->armatureOhm / $this->model->ratedEmfV ** 2;
        $v = "V({$from},{$to})";

        return [sprintf(
            'B%s %s %s I = sgn(%s)*%.12g*((sqrt(1+%.12g*abs(%s))-1)/%.12g)^2',
            $name,
            $from,
            $to,
            $v,
            $this->model->runA,
            4 * $a,
            $v,
            2 * $a * $this->model->ratedEmfV,
        )];
    }
}
