<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Proof\Finding;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** Without a shroud a fan cools only its own disc; and no fan is wider than the core. Common practice, no source. */
final readonly class CoreCover implements Rule
{
    /** Share of the face below which most of the core is idle while the vehicle stands (common practice, no source). */
    private const LEAST_SHARE = 0.6;

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
                'Most of the core gets no air while the vehicle stands',
                'Without a shroud over the whole core each fan cools only its own disc. A shroud matters more than the fan.',
                $sizing->brief->fans[0]->id,
                '/fit/shroudPercent',
                ['covered' => [100 * $share, '%'], 'wanted' => [100 * self::LEAST_SHARE, '%']],
                [],
            );
        }
        foreach ($sizing->brief->fans as $at => $fan) {
            $roomMm = min($fit->coreWidthMm, $fit->coreHeightMm);
            if ($fan->diameterMm > $roomMm) {
                $findings[] = new Finding(
                    'fan-wider-than-core',
                    Severity::Warning,
                    'The fan is wider than the core',
                    'Its tips move air past the core, not through it.',
                    $fan->id,
                    "/fans/{$at}/diameterMm",
                    ['fan' => [$fan->diameterMm, 'mm'], 'core' => [$roomMm, 'mm']],
                    [],
                );
            }
        }

        return $findings;
    }
}
