<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\Fuse;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** Every source end of every wire needs a fuse. Of two feeds joined at a fan each carries the other's fault. Common practice, no source. */
final readonly class FeedWithoutFuse implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(Fuse::class) as $fuse) {
            if ($fuse->part->isNone()) {
                $findings[] = new Finding(
                    'feed-without-fuse',
                    Severity::Danger,
                    'A feed has no fuse',
                    'Only the battery limits what a chafed wire then takes; and where it joins another feed, that one’s fault flows through it too.',
                    $fuse->id,
                    "/pinned/{$fuse->id}",
                    [],
                    [new Remedy('Put a fuse there', ["/pinned/{$fuse->id}" => null])],
                );
            }
        }

        return $findings;
    }
}
