<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Control\CoilSupply;
use LampThread\Message\Unit;
use LampThread\Parts\FusePart;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/**
 * A fuse the installer has decided on that is two sizes or more above the smallest that does. One size more is let pass, and up to 10 A any. Common
 * practice, no source.
 */
final readonly class LargeFuse implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $fuses = array_column($sizing->circuit->each(Fuse::class), null, 'id');
        $findings = [];
        foreach (array_intersect_key($sizing->choices, $fuses) as $id => $choice) {
            $enough = $choice->isPinned ? $choice->smallestThatFits() : null;
            $enoughA = $enough?->part instanceof FusePart ? $enough->part->ratedA : INF;
            $ratedA = $fuses[$id]->ratedA();
            if ($enough !== null && $id !== CoilSupply::FUSE && ! $fuses[$id]->part->isNone() && $ratedA > TriggerFuse::MOST_A && $ratedA > FusePart::nextUpA($enoughA)) {
                $findings[] = new Finding(
                    'fuse-larger-than-needed', Severity::Warning, $id, $choice->briefPath,
                    ['rated' => Unit::Ampere->of($ratedA), 'enough' => Unit::Ampere->of($enoughA)],
                    [Figure::of('fuse', Unit::Ampere->of($ratedA)), Figure::of('enough', Unit::Ampere->of($enoughA))],
                    [Remedy::of('take-part', [$choice->briefPath => null], ['part' => $enough->label()])],
                );
            }
        }

        return $findings;
    }
}
