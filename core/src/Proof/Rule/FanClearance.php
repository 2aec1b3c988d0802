<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Fit;
use LampThread\Brief\Mount;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/** Fan depth against the room behind the core. 3 to 6 mm is the least gap people accept (common practice, no source). */
final readonly class FanClearance implements Rule
{
    public const LEAST_MM = 3.0;

    public const WANTED_MM = 6.0;

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->brief->fans as $at => $fan) {
            $gapMm = $sizing->brief->gapMm($fan);
            if ($fan->mount === Mount::Puller && $gapMm < self::WANTED_MM) {
                $findings[] = new Finding(
                    $gapMm < 0 ? 'fan-does-not-fit' : 'fan-gap-small',
                    $gapMm < self::LEAST_MM ? Severity::Danger : Severity::Warning,
                    $fan->id,
                    "/fans/{$at}/depthMm",
                    figures: [
                        Figure::of('room', Unit::Millimetre->of($gapMm + $fan->depthMm)),
                        Figure::of('fan-depth', Unit::Millimetre->of($fan->depthMm)),
                        Figure::of('gap', Unit::Millimetre->of($gapMm)),
                        ...($gapMm < self::LEAST_MM ? [Figure::of('move-at-least', Unit::Millimetre->of(ceil(self::LEAST_MM - $gapMm)))] : []),
                        Figure::of('move-better', Unit::Millimetre->of(ceil(self::WANTED_MM - $gapMm))),
                    ],
                    remedies: $this->moved($sizing->brief->fit, ceil(self::WANTED_MM - $gapMm)),
                );
            }
        }

        return $findings;
    }

    /**
     * The radiator moved forward; only where the core has been measured, so that somebody has looked.
     *
     * @return list<Remedy>
     */
    private function moved(?Fit $fit, float $byMm): array
    {
        return $fit === null ? [] : [Remedy::of('move-radiator', ['/fit/movedMm' => $fit->movedMm + $byMm], ['by' => Unit::Millimetre->of($byMm)])];
    }
}
