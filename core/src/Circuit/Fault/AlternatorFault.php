<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Brief\Assumptions;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Network\Element\Element;

/** The alternator gives nothing, or too much. */
final readonly class AlternatorFault extends Fault
{
    /**
     * @param  Element|null  $instead  the source it then is; null for none
     * @param  float  $lastsS  how long it lasts, s
     */
    public function __construct(FaultKind $kind, private ?Element $instead, private float $lastsS = INF)
    {
        parent::__construct($kind);
    }

    public function elements(array $sound): array
    {
        return $this->instead === null ? [] : [$this->instead];
    }

    public function lastsS(): float
    {
        return $this->lastsS;
    }

    public function canHappen(OperatingConditions $conditions): bool
    {
        return $conditions->engineRpm >= Assumptions::ALTERNATOR_CUT_IN_RPM;
    }

    public function isToldByVehicle(): bool
    {
        return true;
    }

    public function idleWhere(): IdleWhere
    {
        return $this->instead === null ? IdleWhere::NothingFlows : IdleWhere::Nowhere;
    }

    public function takesVoltsAway(): bool
    {
        return $this->instead === null;
    }
}
