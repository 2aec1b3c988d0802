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

        return [...$findings, ...$this->raised($sizing)];
    }

    /** @return list<Finding> */
    private function raised(Sizing $sizing): array
    {
        $control = $sizing->brief->control;
        $before = $control->fuseBeforeA;
        if (! isset($sizing->circuit->components[VehicleFuse::EXISTING]) || $before === null || $control->existingFuseA <= $before) {
            return [];
        }
        $figures = ['before' => Unit::Ampere->of($before), 'now' => Unit::Ampere->of($control->existingFuseA ?? 0.0)];

        return [new Finding(
            'fuse-raised', Severity::Danger, VehicleFuse::EXISTING, '/control/existingFuseA', $figures,
            [Figure::of('was', $figures['before']), Figure::of('fuse', $figures['now'])],
            [Remedy::of('fuse-as-before', ['/control/existingFuseA' => $before], ['rated' => $figures['before']])],
        )];
    }
}
