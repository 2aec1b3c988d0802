<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Circuit\Control\CoilSupply;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** Circuits of the vehicle that are tapped: whether anyone has looked at their fuse, and whether a long thin wire hangs behind none or a large one. */
final readonly class TappedFuse implements Rule
{
    /** Above this a thin wire that is tapped off is not protected, A (common practice, no source). */
    private const MOST_A = 15.0;

    private const PATH = '/control/airConditioning/fuseA';

    public function judge(Sizing $sizing): array
    {
        $control = $sizing->brief->control;
        $clutch = array_column($sizing->circuit->each(VehicleFuse::class), null, 'id')[VehicleFuse::CLUTCH] ?? null;
        $findings = [];
        $assumed = [];
        if (isset($sizing->circuit->components[VehicleFuse::KEY]) && ! $sizing->circuit->wasThere(CoilSupply::FUSE) && $control->tappedFuseA === null) {
            $assumed[] = $sizing->circuit->components[VehicleFuse::KEY]->name;
        }
        if ($clutch !== null) {
            if ($control->airConditioning?->fuseA === null) {
                $assumed[] = $clutch->name;
            } elseif ($clutch->isNone() || $clutch->ratedA() > self::MOST_A) {
                $findings[] = $this->unprotected($clutch);
            }
        }

        return $assumed === [] ? $findings : [...$findings, new Finding(
            'tapped-fuse-assumed', Severity::Note, VehicleFuse::KEY, '/control/tappedFuseA', ['fuses' => $assumed, 'rated' => Unit::Ampere->of(VehicleFuse::USUAL_A)],
        )];
    }

    private function unprotected(VehicleFuse $fuse): Finding
    {
        $usual = Unit::Ampere->of(VehicleFuse::USUAL_A);

        return new Finding(
            $fuse->isNone() ? 'tapped-without-fuse' : 'tapped-fuse-large',
            Severity::Danger,
            $fuse->id,
            self::PATH,
            ['fuse' => $fuse->name],
            $fuse->isNone() ? [] : [Figure::of('fuse', Unit::Ampere->of($fuse->ratedA())), Figure::of('at-most', Unit::Ampere->of(self::MOST_A))],
            [Remedy::of('fuse-at-tap', [self::PATH => VehicleFuse::USUAL_A], ['rated' => $usual])],
        );
    }
}
