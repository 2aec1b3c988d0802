<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Brief;
use LampThread\Brief\Fan;
use LampThread\Brief\Mount;

/**
 * Where the fans' holes go over the core, or over the condenser for those in front of it: one beside the other along the longer side, each
 * in the middle of its share; four in two rows. Millimetres from the upper left corner, seen from behind.
 */
final readonly class CoreLayout
{
    /** Between the blades' tips and the edge of their hole (common practice, no source). */
    public const TIP_MM = 5.0;

    private const MOST_IN_ROW = 3;

    /**
     * Of each hole its middle and width, what is left beside and above it, and behind its fan.
     *
     * @param  list<array{fan: Fan, xMm: float, yMm: float, holeMm: float, besideMm: float, aboveMm: float, gapMm: float}>  $holes
     */
    private function __construct(public Mount $mount, public float $widthMm, public float $heightMm, public array $holes) {}

    /** @return list<self> what is behind the core, then what is in front; none until the core is measured */
    public static function all(Brief $brief): array
    {
        $fit = $brief->fit;
        if ($fit === null) {
            return [];
        }
        $layouts = [];
        foreach (Mount::cases() as $mount) {
            $fans = array_values(array_filter($brief->fans, static fn (Fan $fan): bool => $fan->mount === $mount));
            $isFront = $mount === Mount::Pusher;
            if ($fans !== []) {
                $layouts[] = self::of(
                    $brief, $mount, $fans, $isFront ? $fit->condenserWidthMm ?? $fit->coreWidthMm : $fit->coreWidthMm,
                    $isFront ? $fit->condenserHeightMm ?? $fit->coreHeightMm : $fit->coreHeightMm,
                );
            }
        }

        return $layouts;
    }

    /** @param  non-empty-list<Fan>  $fans */
    private static function of(Brief $brief, Mount $mount, array $fans, float $widthMm, float $heightMm): self
    {
        $rows = count($fans) > self::MOST_IN_ROW ? 2 : 1;
        $inRow = (int) ceil(count($fans) / $rows);
        [$columns, $lines] = $widthMm >= $heightMm ? [$inRow, $rows] : [$rows, $inRow];
        $shareX = $widthMm / $columns;
        $shareY = $heightMm / $lines;
        $holes = [];
        $rimMm = $brief->fit->rimMm ?? 0.0;
        foreach ($fans as $at => $fan) {
            $holeMm = $rimMm > 0 ? $fan->diameterMm - $rimMm : $fan->diameterMm + 2 * self::TIP_MM;
            $holes[] = [
                'fan' => $fan,
                'xMm' => ($at % $columns + 0.5) * $shareX,
                'yMm' => (intdiv($at, $columns) + 0.5) * $shareY,
                'holeMm' => $holeMm,
                'besideMm' => ($shareX - $holeMm) / 2,
                'aboveMm' => ($shareY - $holeMm) / 2,
                'gapMm' => $brief->gapMm($fan),
            ];
        }

        return new self($mount, $widthMm, $heightMm, $holes);
    }

    /** Share of the face that is under the fans' own discs, 0 to 1. */
    public function discShare(): float
    {
        $discsMm2 = array_sum(array_map(static fn (array $hole): float => M_PI / 4 * $hole['fan']->diameterMm ** 2, $this->holes));

        return min(1.0, $discsMm2 / ($this->widthMm * $this->heightMm));
    }
}
