<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Component\Fuse;
use LampThread\Message\Unit;
use LampThread\Operation\Surge;
use LampThread\Parts\FuseGates;
use LampThread\Parts\FusePart;
use LampThread\Parts\Shelf;

/** Chooses a fuse by the load it carries all day, warm, and by the start it must ride through, aged. */
final readonly class FuseSizing
{
    /** Share of its rating a fuse carries continuously at 25 °C (common practice, no source). */
    public const CONTINUOUS_SHARE = 0.75;

    /** An aged fuse opens at that much less heat, so at its root less current (common practice, no source). */
    public const AGEING_OF_HEAT = 1.25;

    /** Start above which a fan is not left to a fast fuse, A (common practice, no source). */
    public const FAST_FUSE_START_A = 40.0;

    public function __construct(private Shelf $shelf) {}

    /** Continuous current of a rating at an ambient, A. */
    public static function continuousA(float $ratedA, float $ambientC): float
    {
        return self::CONTINUOUS_SHARE * FusePart::ratedAt($ratedA, $ambientC);
    }

    /**
     * @param  float  $currentA  the greatest it carries for hours, A
     * @param  Surge  $start  the hardest start through it
     */
    public function choose(Fuse $fuse, float $currentA, Surge $start, ?string $pinned): Choice
    {
        $judge = $this->judge($fuse, $currentA, $start);
        $pinnedPart = $pinned === null ? null : $this->shelf->fuse($pinned);
        $parts = $this->shelf->allFuses();

        return Choice::among(
            $fuse->id,
            'fuse',
            $fuse->name,
            array_map($judge, array_values(array_filter($parts, static fn (FusePart $part): bool => ! $part->isResettable()))),
            $pinnedPart === null ? null : $judge($pinnedPart),
            onRequest: array_map($judge, array_values(array_filter($parts, static fn (FusePart $part): bool => $part->isResettable()))),
        );
    }

    /** One that was there, judged by what it carries now. */
    public function found(Fuse $fuse, float $currentA, Surge $start): Choice
    {
        return Choice::found($fuse->id, 'fuse', $fuse->name, $this->judge($fuse, $currentA, $start)($fuse->part), $fuse->id, 'ratedA');
    }

    /** @return \Closure(FusePart): Candidate */
    private function judge(Fuse $fuse, float $currentA, Surge $start): \Closure
    {
        $ambientC = $fuse->zone->ambientC();
        $hardest = array_map(static fn (FuseGates $gates): array => self::hardest($gates, $start), $this->shelf->gates);

        return static fn (FusePart $part): Candidate => new Candidate($part, array_values(array_filter([
            new Constraint('continuous-load', $currentA, self::continuousA($part->ratedA, $ambientC), Unit::Ampere, [
                'rated' => Unit::Ampere->of($part->ratedA), 'ambient' => Unit::Celsius->of(max(25.0, $ambientC)),
            ]),
            self::ridesThrough($part, $start, $hardest[$part->family]),
            $part->gates->isFast() ? new Constraint('fast-fuse', $start->peakA, self::FAST_FUSE_START_A, Unit::Ampere, isWish: true) : null,
            $fuse->sharedA === null ? null : new Constraint('shared-fuse', $part->ratedA, $fuse->sharedA, Unit::Ampere),
        ])));
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
            $agedA = sqrt(self::AGEING_OF_HEAT) * $equivalentA;
            $multiple = $gates->heldMultiple($timeS);
            if ($agedA * $hardest[2] > $hardest[1] * $multiple) {
                $hardest = [$timeS, $agedA, $multiple];
            }
        }

        return $hardest;
    }

    /**
     * A start is over before its surroundings matter to what melts: the rating counts as printed.
     *
     * @param  array{float, float, float}  $hardest  of its family
     */
    private static function ridesThrough(FusePart $part, Surge $start, array $hardest): Constraint
    {
        [$timeS, $agedA, $multiple] = $hardest;

        return new Constraint('start-surge', $agedA, $part->ratedA * $multiple, Unit::Ampere, [
            'peak' => Unit::Ampere->of($start->peakA),
            'duration' => Unit::Second->of($start->durationS),
            'at' => Unit::Second->of($timeS),
            'aged' => Unit::Ampere->of($agedA),
            'multiple' => round($multiple, 2),
            'rated' => Unit::Ampere->of($part->ratedA),
            'standard' => $part->gates->standard,
        ]);
    }
}
