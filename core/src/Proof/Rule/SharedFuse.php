<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Feed;
use LampThread\Brief\Zone;
use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\FuseSizing;
use LampThread\Sizing\Sizing;

/** The fuse that was there carries all that is now taken from it together. */
final readonly class SharedFuse implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(VehicleFuse::class) as $fuse) {
            $carriesA = $sizing->envelope->greatestA($fuse->id);
            $mayA = FuseSizing::continuousA($fuse->ratedA(), Zone::Bay->ambientC());
            if ($carriesA > $mayA && ! $fuse->isAssumed) {
                $findings[] = new Finding(
                    'shared-fuse-overloaded',
                    Severity::Danger,
                    $fuse->id,
                    '/control/feed',
                    figures: [Figure::of('carries', Unit::Ampere->of($carriesA)), Figure::of('may-carry', Unit::Ampere->of($mayA))],
                    remedies: [Remedy::of('battery-feed', ['/control/feed' => Feed::Battery->value])],
                );
            }
        }

        return $findings;
    }
}
