<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Message\Message;
use LampThread\Network\Element\Resistor;

/** A stud of the fuse box and the vehicle's lead from the battery to it. */
final readonly class FuseBoxStud extends Component
{
    /** Battery cable to the stud, Ω (common practice, no source). */
    private const LEAD_OHM = 0.003;

    public function __construct(string $mark)
    {
        parent::__construct('stud', $mark, Message::of('component.fuse-box-stud'));
    }

    public function termination(string $number): Termination
    {
        return Termination::Stud;
    }

    public function paths(): array
    {
        return [new ConductionPath(Rail::SUPPLY, $this->terminal('30'), Symbol::BodyThread)];
    }

    public function faultKinds(): array
    {
        return [FaultKind::Open];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        return [new Resistor($this->id, Rail::SUPPLY, $this->terminal('30'), self::LEAD_OHM)];
    }
}
