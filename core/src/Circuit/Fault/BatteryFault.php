<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Network\Element\Element;

/** The battery is another than it should be. It is not turned or exchanged while the engine runs. */
final readonly class BatteryFault extends Fault
{
    /**
     * @param  Element  $instead  the source it then is
     * @param  float  $lastsS  how long it lasts, s
     */
    public function __construct(FaultKind $kind, private Element $instead, private bool $isByHand, private bool $letsCrank, private float $lastsS = INF)
    {
        parent::__construct($kind);
    }

    public function elements(array $sound): array
    {
        return [$this->instead];
    }

    public function isByHand(): bool
    {
        return $this->isByHand;
    }

    public function lastsS(): float
    {
        return $this->lastsS;
    }

    public function canHappen(OperatingConditions $conditions): bool
    {
        return $conditions->engineRpm <= 0.0 && ($this->letsCrank || $conditions->key !== Key::Crank);
    }

    public function isToldByVehicle(): bool
    {
        return true;
    }
}
