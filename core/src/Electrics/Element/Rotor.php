<?php

declare(strict_types=1);

namespace LampThread\Electrics\Element;

use LampThread\Electrics\MotorModel;

/** A fan motor that turns. At rest it is a Resistor: its armature. */
final readonly class Rotor extends Branch
{
    public function __construct(string $name, string $from, string $to, public MotorModel $model)
    {
        parent::__construct($name, $from, $to);
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
