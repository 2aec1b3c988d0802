<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Network\Element\Element;

/** The strap from the engine to the body is open: the starter's current looks for another way. */
final readonly class StrapOpen extends Fault
{
    /** A long try at starting, s (common practice, no source). */
    private const LASTS_S = 30.0;

    /** @param  Element  $starter  from the battery by the starter to where the strap was */
    public function __construct(private Element $starter)
    {
        parent::__construct(FaultKind::StrapOpen);
    }

    public function elements(array $sound): array
    {
        return [$this->starter];
    }

    public function lastsS(): float
    {
        return self::LASTS_S;
    }

    public function canHappen(OperatingConditions $conditions): bool
    {
        return $conditions->key === Key::Crank;
    }

    public function bringsStarterCurrent(): bool
    {
        return true;
    }
}
