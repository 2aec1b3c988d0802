<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Component\FaultKind;

/** What is told to be wrong with a vehicle as it was found, and what the vehicle does with all of it at once. */
final readonly class PresentFaults
{
    /**
     * @param  non-empty-array<string, FaultKind>  $kinds  part or wire to how it has failed
     * @param  list<FaultOutcome>  $outcomes  of each by itself, worst first
     * @param  list<BehaviourRow>  $behaviours  with all of them
     */
    public function __construct(public array $kinds, public array $outcomes, public array $behaviours) {}
}
