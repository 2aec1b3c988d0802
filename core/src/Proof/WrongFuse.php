<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Fault\Fault;
use LampThread\Scenario\Limits;

/**
 * A fuse that is too large or bridged does nothing until something else fails: then a wire behind it is what opens.
 *
 * @internal
 */
final readonly class WrongFuse
{
    public function __construct(private Circuit $circuit, private Limits $limits, private FaultSolving $solving, private PartNames $names) {}

    /** @param  non-empty-list<FaultFreeState>  $sound */
    public function tally(string $fuse, Fault $fault, array $sound, FaultTally $tally): void
    {
        // A fuse of whatever rating still opens at some current.
        if (is_finite($fault->ratedA(0.0))) {
            $burns = $this->limits->burnsBehindNextUp($fuse);
            $burns === null ? $tally->stillProtected() : $tally->unprotected($this->names->mark($burns[0]), $burns[1]);

            return;
        }
        $hardest = $sound[0];
        foreach ($sound as $one) {
            $hardest = abs($one->state->point->currentA($fuse)) > abs($hardest->state->point->currentA($fuse)) ? $one : $hardest;
        }
        $before = $hardest->state->point;
        foreach ($this->circuit->wires as $wire) {
            $chafed = $wire->fault(FaultKind::Chafed);
            $isBehind = ! $wire->isBeforeFuse() && $this->circuit->wireGroups[$wire->group]->protectedBy === $fuse;
            if ($chafed === null || ! $isBehind || $this->solving->changesNothing($wire->id, $chafed, $before)) {
                continue;
            }
            $final = $this->solving->solved($before, $before->conditions->faults->and($fuse, $fault)->and($wire->id, $chafed))->final;
            $burns = $this->limits->burns($final, $before);
            if ($burns !== null) {
                $tally->unprotected($this->names->mark($burns[0]), $burns[1]);

                return;
            }
        }
        $tally->stillProtected();
    }
}
