<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Fan;
use LampThread\Brief\Fit;
use LampThread\Brief\Mount;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** Without a shroud a fan cools only its own disc; and no fan is wider than the core. Common practice, no source. */
final readonly class CoreCover implements Rule
{
    /** Share of the face below which most of the core is idle while the vehicle stands (common practice, no source). */
    private const LEAST_SHARE = 0.6;

    /** Tanks beside the core give a shroud a little more room (common practice, no source). */
    private const OVERHANG = 1.05;

    public function judge(Sizing $sizing): array
    {
        $fit = $sizing->brief->fit;
        if ($fit === null) {
            return [];
        }
        $findings = [];
        $share = $fit->coveredShare($sizing->brief->fans);
        if ($share < self::LEAST_SHARE) {
            $findings[] = new Finding(
                'core-uncovered',
                Severity::Warning,
                $sizing->brief->fans[0]->id,
                '/fit/shroudPercent',
                figures: [Figure::of('covered', Unit::Percent->of(100 * $share)), Figure::of('wanted', Unit::Percent->of(100 * self::LEAST_SHARE))],
            );
        }
        foreach ($sizing->brief->fans as $at => $fan) {
            $roomMm = min($fit->coreWidthMm, $fit->coreHeightMm);
            if ($fan->diameterMm > $roomMm) {
                $findings[] = new Finding(
                    'fan-wider-than-core',
                    Severity::Warning,
                    $fan->id,
                    "/fans/{$at}/diameterMm",
                    figures: [Figure::of('fan', Unit::Millimetre->of($fan->diameterMm)), Figure::of('core', Unit::Millimetre->of($roomMm))],
                );
            }
        }

        // One that is too wide by itself is the cause.
        return array_filter($findings, static fn (Finding $one): bool => $one->code === 'fan-wider-than-core') === [] ? [...$findings, ...$this->together($sizing)] : $findings;
    }

    /** @return list<Finding> */
    private function together(Sizing $sizing): array
    {
        $fit = $sizing->brief->fit;
        if ($fit === null) {
            return [];
        }
        if ($fit->unitWidthMm !== null) {
            return $this->unit($sizing, $fit, $fit->unitWidthMm);
        }
        foreach (Mount::cases() as $mount) {
            $fans = array_filter($sizing->brief->fans, static fn (Fan $fan): bool => $fan->mount === $mount);
            $wide = array_sum(array_map(static fn (Fan $fan): float => $fan->diameterMm, $fans));
            // Up to three stand in a row; four stand in two rows.
            $roomMm = (count($fans) > 3 ? 2 : 1) * max($fit->coreWidthMm, $fit->coreHeightMm);
            if (count($fans) > 1 && $wide > self::OVERHANG * $roomMm) {
                return [$this->wider($sizing, '/fit/coreWidthMm', $wide, $roomMm)];
            }
        }

        return [];
    }

    /** @return list<Finding> the frame of fans that are sold as one, in whichever way it stands */
    private function unit(Sizing $sizing, Fit $fit, float $widthMm): array
    {
        $roomMm = max($fit->coreWidthMm, $fit->coreHeightMm);

        return $widthMm <= self::OVERHANG * $roomMm ? [] : [$this->wider($sizing, '/fit/unitWidthMm', $widthMm, $roomMm)];
    }

    private function wider(Sizing $sizing, string $path, float $fansMm, float $roomMm): Finding
    {
        return new Finding(
            'fans-wider-than-core', Severity::Warning, $sizing->brief->fans[0]->id, $path,
            figures: [Figure::of('fans', Unit::Millimetre->of($fansMm)), Figure::of('core', Unit::Millimetre->of($roomMm))],
        );
    }
}
