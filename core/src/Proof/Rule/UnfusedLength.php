<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\CoilFeed;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Control\CoilSupply;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** Wire between a source and its fuse has no protection at all. 0.2 m is wanted at most, 0.5 m is flagged (common practice, no source). */
final readonly class UnfusedLength implements Rule
{
    public const WANTED_M = 0.2;

    public const FLAGGED_M = 0.5;

    /** Where the fuse is proposed to be, m from the source. */
    private const PROPOSED_M = 0.15;

    public function judge(Sizing $sizing): array
    {
        $subjects = [Stretch::BatteryToFuse->value => $sizing->brief->control->stages[0]->fanIds[0].'-fuse'];
        if ($sizing->brief->control->coilFeed === CoilFeed::Battery) {
            $subjects[Stretch::FeedToFuse->value] = CoilSupply::FUSE;
        }
        $findings = [];
        foreach ($subjects as $stretch => $fuseId) {
            $lengthM = $sizing->brief->segment(Stretch::from($stretch))->lengthM;
            if ($lengthM > self::WANTED_M) {
                $path = "/runs/{$stretch}/lengthM";
                $findings[] = new Finding(
                    'unfused-length',
                    $lengthM > self::FLAGGED_M ? Severity::Danger : Severity::Warning,
                    $fuseId,
                    $path,
                    figures: [
                        Figure::of('unfused', Unit::Metre->of($lengthM)),
                        Figure::of('wanted-at-most', Unit::Metre->of(self::WANTED_M)),
                        Figure::of('flagged-above', Unit::Metre->of(self::FLAGGED_M)),
                    ],
                    remedies: [Remedy::of('fuse-at-battery', [$path => self::PROPOSED_M], ['length' => Unit::Metre->of(self::PROPOSED_M)])],
                );
            }
        }

        return $findings;
    }
}
