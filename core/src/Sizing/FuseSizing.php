<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Component\Fuse;
use LampThread\Shelf\FusePart;
use LampThread\Shelf\Shelf;

/** Chooses a fuse by the load it carries all day, warm. */
final readonly class FuseSizing
{
    /** Share of its rating a fuse carries continuously at 25 °C (common practice, no source). */
    public const CONTINUOUS_SHARE = 0.75;

    /** What the rating loses for each kelvin above 25 °C (common practice, no source). */
    public const LOSS_PER_K = 0.0015;

    public function __construct(private Shelf $shelf) {}

    /** Continuous current of a rating at an ambient, A. */
    public static function continuousA(float $ratedA, float $ambientC): float
    {
        return $ratedA * self::CONTINUOUS_SHARE * (1 - self::LOSS_PER_K * max(0.0, $ambientC - 25.0));
    }

    /** @param  float|null  $sharedA  rating of the fuse of the circuit it is fed from, A */
    public function choose(Fuse $fuse, Duty $duty, ?float $sharedA, ?string $pinned): Choice
    {
        $currentA = $duty->greatestA($fuse->id);
        $ambientC = $fuse->zone->ambientC();
        $judge = static fn (FusePart $part): Candidate => new Candidate($part, array_values(array_filter([
            new Constraint(
                'continuous load',
                $currentA,
                self::continuousA($part->ratedA, $ambientC),
                'A',
                sprintf(
                    'I ≤ %g A × %g × (1 − %g × (%g °C − 25 °C))',
                    $part->ratedA,
                    self::CONTINUOUS_SHARE,
                    self::LOSS_PER_K,
                    max(25.0, $ambientC),
                ),
                'continuous load at most 75 % of the rating at 25 °C, −0.15 %/K above: common practice, no source',
            ),
            $sharedA === null ? null : new Constraint(
                'the fuse it shares',
                $part->ratedA,
                $sharedA,
                'A',
                'rating ≤ that of the circuit it is taken from',
                'common practice, no source',
            ),
        ])));
        $pinnedPart = $pinned === null ? null : $this->shelf->fuse($pinned);
        $parts = [...$this->shelf->fuses('blade'), ...array_filter(
            $this->shelf->fuses('bolt-down'),
            static fn (FusePart $part): bool => $part->ratedA > 40,
        )];

        return Choice::among(
            $fuse->id,
            'fuse',
            $fuse->name,
            array_map($judge, $parts),
            $pinnedPart === null ? null : $judge($pinnedPart),
        );
    }
}
