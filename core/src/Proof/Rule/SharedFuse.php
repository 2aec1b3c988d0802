<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Zone;
use LampThread\Circuit\Component\ExistingFuse;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\FuseSizing;
use LampThread\Sizing\Sizing;

/** The fuse that was there carries all that is now taken from it together. */
final readonly class SharedFuse implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(ExistingFuse::class) as $fuse) {
            $carriesA = $sizing->duty->greatestA($fuse->id);
            $mayA = FuseSizing::continuousA($fuse->fuseA(), Zone::Bay->ambientC());
            if ($carriesA > $mayA) {
                $findings[] = new Finding(
                    'shared-fuse-overloaded',
                    Severity::Danger,
                    'The fuse that was there carries too much',
                    'All that is taken from that circuit goes through it at once. A larger fuse needs larger wire in the vehicle too.',
                    $fuse->id,
                    '/control/feed',
                    ['carries' => [$carriesA, 'A'], 'may carry' => [$mayA, 'A']],
                    [new Remedy('Feed the fan from the battery', ['/control/feed' => 'battery'])],
                );
            }
        }

        return $findings;
    }
}
