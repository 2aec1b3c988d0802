<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Brief;
use LampThread\Road\CandidateFans;
use LampThread\Road\CoreLayout;

/** How the fans lie on the core, and what others in their place would do. */
final class FitPresenter
{
    /** @return array<string, mixed> */
    public static function of(Brief $brief): array
    {
        $layouts = array_map(static fn (CoreLayout $layout): array => [
            'mount' => $layout->mount->value,
            'widthMm' => $layout->widthMm,
            'heightMm' => $layout->heightMm,
            'discPercent' => round(100 * $layout->discShare(), 1),
            'holes' => array_map(static fn (array $hole): array => [
                'fan' => $hole['fan']->name, 'xMm' => $hole['xMm'], 'yMm' => $hole['yMm'], 'holeMm' => $hole['holeMm'], 'bladesMm' => $hole['fan']->diameterMm,
                'besideMm' => round($hole['besideMm'], 1), 'aboveMm' => round($hole['aboveMm'], 1), 'gapMm' => round($hole['gapMm'], 1),
            ], $layout->holes),
        ], CoreLayout::all($brief));
        $candidates = array_map(static fn (array $row): array => [
            'name' => $row['fan']->name, 'airM3h' => round($row['airM3h']), 'takesKw' => round($row['takesKw'], 2), 'runA' => round($row['runA'], 1),
            'startA' => round($row['startA']), 'gapMm' => round($row['gapMm'], 1),
            'coveredPercent' => $row['coveredShare'] === null ? null : round(100 * $row['coveredShare']), 'noiseDb' => $row['noiseDb'], 'price' => $row['price'],
        ], CandidateFans::of($brief));

        return ['layouts' => $layouts, 'candidates' => $candidates];
    }
}
