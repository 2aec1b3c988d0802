<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Control\CoilSupply;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/**
 * A trigger wire behind a fuse meant for a motor: nothing opens before the switch, the coil or a finger's work under the dash
 * burns. A coil draws a fifth of an ampere; above 10 A nothing on that line is protected. Common practice, no source.
 */
final readonly class TriggerFuse implements Rule
{
    public const MOST_A = 10.0;

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(Fuse::class) as $fuse) {
            if ($fuse->id === CoilSupply::FUSE && $fuse->ratedA() > self::MOST_A) {
                $path = "/pinned/{$fuse->id}";
                $rated = Unit::Ampere->of($fuse->ratedA());
                $findings[] = new Finding(
                    'trigger-fuse-too-large',
                    Severity::Danger,
                    $fuse->id,
                    $path,
                    ['rated' => $rated, 'draws' => Unit::Ampere->of($sizing->envelope->greatestA($fuse->id))],
                    [Figure::of('fuse', $rated), Figure::of('at-most', Unit::Ampere->of(self::MOST_A))],
                    [Remedy::of('choose-coil-fuse', [$path => null])],
                );
            }
        }

        return $findings;
    }
}
