<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Termination;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** More rings on the battery's stud than hold there. Four at the most, the thickest nearest the metal; common practice, no source. */
final readonly class RingsOnStud implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $rings = count($sizing->circuit->wiresAt(Rail::SUPPLY));
        $most = Termination::Stud->mostEnds();

        return $rings <= $most ? [] : [new Finding(
            'rings-on-stud', Severity::Warning, 'battery', '/control/feed', ['rings' => $rings, 'most' => $most],
            [Figure::of('has', Unit::One->of($rings)), Figure::of('at-most', Unit::One->of($most))],
        )];
    }
}
