<?php

declare(strict_types=1);

namespace LampThread\Electrics\Element;

use LampThread\Electrics\MotorModel;

/** A fan motor that turns. At rest it is a Resistor: its armature. */
final readonly class Rotor implements Element
{
    public function __construct(private string $name, private string $from, private string $to, public MotorModel $model) {}

    public function name(): string
    {
        return $this->name;
    }

    public function from(): string
    {
        return $this->from;
    }

    public function to(): string
    {
        return $this->to;
    }

    public function isLinear(): bool
    {
        return false;
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
}
