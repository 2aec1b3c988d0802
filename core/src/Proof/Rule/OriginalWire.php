<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Zone;
use LampThread\Circuit\Component\OriginalWiring;
use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Message\Unit;
use LampThread\Parts\FusePart;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\FuseSizing;
use LampThread\Sizing\Sizing;

/** The vehicle's own wire that stays, and the fuse before it: raised since it was made, or too large for the wire. Common practice, no source. */
final readonly class OriginalWire implements Rule
{
    private const PATH = '/control/existingFuseA';

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(VehicleFuse::class) as $fuse) {
            if ($fuse->id === VehicleFuse::EXISTING) {
                array_push($findings, ...$this->raised($fuse, $sizing), ...$this->thin($fuse, $sizing));
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function raised(VehicleFuse $fuse, Sizing $sizing): array
    {
        $beforeA = $sizing->brief->control->fuseBeforeA;
        if ($beforeA === null || $fuse->ratedA() <= $beforeA) {
            return [];
        }
        $before = Unit::Ampere->of($beforeA);

        return [new Finding(
            'fuse-raised', Severity::Danger, $fuse->id, self::PATH, ['before' => $before, 'now' => Unit::Ampere->of($fuse->ratedA())],
            [Figure::of('was', $before), Figure::of('fuse', Unit::Ampere->of($fuse->ratedA()))],
            [Remedy::of('fuse-as-before', [self::PATH => $beforeA], ['rated' => $before])],
        )];
    }

    /** @return list<Finding> */
    private function thin(VehicleFuse $fuse, Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(OriginalWiring::class) as $wiring) {
            $ampacityA = $sizing->ampacity->at($wiring->areaMm2, Zone::Bay->ambientC(), $sizing->brief->wiring->insulationC);
            if ($fuse->warmA() <= $ampacityA) {
                continue;
            }
            $fitsA = FusePart::largestUpToA($ampacityA);
            $carriesA = $sizing->envelope->greatestA($fuse->id);
            $area = Unit::SquareMillimetre->of($wiring->areaMm2);
            $findings[] = new Finding(
                'original-wire-thin', Severity::Danger, $wiring->id, self::PATH, ['area' => $area, 'rated' => Unit::Ampere->of($fuse->ratedA())],
                [Figure::of('fuse', Unit::Ampere->of($fuse->ratedA())), Figure::of('may-carry', Unit::Ampere->of($ampacityA))],
                $carriesA <= FuseSizing::continuousA($fitsA, Zone::Bay->ambientC())
                    ? [Remedy::of('fuse-as-before', [self::PATH => $fitsA], ['rated' => Unit::Ampere->of($fitsA)])]
                    : [],
            );
        }

        return $findings;
    }
}
