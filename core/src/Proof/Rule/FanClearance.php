<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Mount;
use LampThread\Proof\Finding;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** Fan depth against the room behind the core. 3 to 6 mm is the least gap people accept (common practice, no source). */
final readonly class FanClearance implements Rule
{
    public const LEAST_MM = 3.0;

    public const WANTED_MM = 6.0;

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        $clearanceMm = $sizing->brief->cooling->clearanceMm;
        foreach ($sizing->brief->fans as $at => $fan) {
            $gapMm = $clearanceMm - $fan->depthMm;
            if ($fan->mount === Mount::Puller && $gapMm < self::WANTED_MM) {
                $findings[] = new Finding(
                    $gapMm < 0 ? 'fan-does-not-fit' : 'fan-gap-small',
                    $gapMm < self::LEAST_MM ? Severity::Danger : Severity::Warning,
                    $gapMm < 0 ? 'The fan does not fit' : 'The gap behind the fan is small',
                    $gapMm < 0
                        ? 'It is deeper than the room between the core and the nearest pulley or belt. Choose a thinner fan, or push from the front.'
                        : 'Engines rock and cores flex: below 3 mm blades and belts meet, 3 to 6 mm is the least people accept.',
                    $fan->id,
                    "/fans/{$at}/depthMm",
                    ['room' => [$clearanceMm, 'mm'], 'fan depth' => [$fan->depthMm, 'mm'], 'gap' => [$gapMm, 'mm']],
                    [],
                );
            }
        }

        return $findings;
    }
}
