<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Mount;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
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
                    ],
                );
            }
        }

        return $findings;
    }
}
