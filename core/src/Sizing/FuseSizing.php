<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Component\Fuse;
use LampThread\Electrics\Surge;
use LampThread\Shelf\FuseGates;
use LampThread\Shelf\FusePart;
use LampThread\Shelf\Shelf;

/** Chooses a fuse by the load it carries all day, warm, and by the start it must ride through, aged. */
final readonly class FuseSizing
{
    /** Share of its rating a fuse carries continuously at 25 °C (common practice, no source). */
    public const CONTINUOUS_SHARE = 0.75;

    /** What the rating loses for each kelvin above 25 °C (common practice, no source). */
    public const LOSS_PER_K = 0.0015;

    /** An aged fuse opens at as much less current (common practice, no source). */
    public const AGEING = 1.25;

    public function __construct(private Shelf $shelf) {}

    /** What is left of a rating at an ambient, A. */
    public static function ratedAt(float $ratedA, float $ambientC): float
    {
        return $ratedA * (1 - self::LOSS_PER_K * max(0.0, $ambientC - 25.0));
    }

    /** Continuous current of a rating at an ambient, A. */
    public static function continuousA(float $ratedA, float $ambientC): float
    {
        return self::CONTINUOUS_SHARE * self::ratedAt($ratedA, $ambientC);
    }

    /**
     * @param  Surge  $start  the hardest start through it
     * @param  float|null  $sharedA  rating of the fuse of the circuit it is fed from, A
     */
    public function choose(Fuse $fuse, Duty $duty, Surge $start, ?float $sharedA, ?string $pinned): Choice
    {
        $currentA = $duty->greatestA($fuse->id);
        $ambientC = $fuse->zone->ambientC();
        $hardest = array_map(static fn (FuseGates $gates): array => self::hardest($gates, $start), $this->shelf->gates);
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
            self::ridesThrough($part, $ambientC, $start, $hardest[$part->family]),
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

        return Choice::among(
            $fuse->id,
            'fuse',
            $fuse->name,
            array_map($judge, $this->shelf->allFuses()),
            $pinnedPart === null ? null : $judge($pinnedPart),
        );
    }

    /**
     * The moment of a start that asks most of a family of fuses.
     *
     * @return array{float, float, float} time in s, aged current that heats as much as the start has by then in A, and how many
     *                                    times its rating the family surely holds so long
     */
    private static function hardest(FuseGates $gates, Surge $start): array
    {
        $hardest = [0.0, 0.0, 1.0];
        foreach ($start->equivalents() as [$timeS, $equivalentA]) {
            $agedA = self::AGEING * $equivalentA;
            $multiple = $gates->heldMultiple($timeS);
            if ($agedA * $hardest[2] > $hardest[1] * $multiple) {
                $hardest = [$timeS, $agedA, $multiple];
            }
        }

        return $hardest;
    }

    /** @param  array{float, float, float}  $hardest  of its family */
    private static function ridesThrough(FusePart $part, float $ambientC, Surge $start, array $hardest): Constraint
    {
        [$timeS, $agedA, $multiple] = $hardest;
        $ratedA = self::ratedAt($part->ratedA, $ambientC);

        return new Constraint(
            'start surge',
            $agedA,
            $ratedA * $multiple,
            'A',
            sprintf(
                'start peaks at %.3g A and is over in %.2g s; hardest after %.2g s: %g × √(∫I²dt/t) = %.3g A against what it surely holds so long, %.2f × %.3g A',
                $start->peakA,
                $start->durationS,
                $timeS,
                self::AGEING,
                $agedA,
                $multiple,
                $ratedA,
            ),
            "least opening times of {$part->gates->standard}, from memory; a quarter off for age: common practice, no source",
        );
    }
}
