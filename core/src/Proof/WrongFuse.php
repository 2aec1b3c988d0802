<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FaultKind;
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
    public function tally(string $fuse, FaultKind $kind, array $sound, FaultTally $tally): void
    {
        if ($kind === FaultKind::NextFuseUp) {
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
            if ($wire->isBeforeFuse() || $this->circuit->wireGroups[$wire->group]->protectedBy !== $fuse || $this->solving->changesNothing($wire->id, FaultKind::Chafed, $before)) {
                continue;
            }
            $final = $this->solving->solved($before, $before->conditions->faults->and($fuse, $kind)->and($wire->id, FaultKind::Chafed))->final;
            $burns = $this->limits->burns($final, $before);
            if ($burns !== null) {
                $tally->unprotected($this->names->mark($burns[0]), $burns[1]);

                return;
            }
        }
        $tally->stillProtected();
    }
}
