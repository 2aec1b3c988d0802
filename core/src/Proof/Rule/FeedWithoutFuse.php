<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\Fuse;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** Every source end of every wire needs a fuse. Of two feeds joined at a fan each carries the other's fault. Common practice, no source. */
final readonly class FeedWithoutFuse implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(Fuse::class) as $fuse) {
            if ($fuse->part->isNone() && ! $fuse->isVehicles()) {
                $path = "/pinned/{$fuse->id}";
                $findings[] = new Finding(
                    'feed-without-fuse',
                    Severity::Danger,
                    $fuse->id,
                    $path,
                    remedies: [Remedy::of('fit-fuse', [$path => null])],
                );
            }
        }

        return $findings;
    }
}
