<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Fan;
use LampThread\Brief\Found;
use LampThread\Brief\FoundPart;
use LampThread\Circuit\Control\CoilSupply;
use LampThread\Parts\Conductor;
use LampThread\Parts\FusePart;
use LampThread\Parts\RelayPart;
use LampThread\Parts\Shelf;

/**
 * What the fuses, relays and wires of a vehicle are taken as: what is told of them, and what is usual where nobody has looked (common practice,
 * no source).
 */
final readonly class FoundParts
{
    /** Of the fans' own circuit. */
    public const USUAL_FUSE_A = 30.0;

    public const USUAL_RELAY_A = 30.0;

    /** Of a circuit that works coils. */
    public const USUAL_COIL_FUSE_A = 10.0;

    public const USUAL_COIL_MM2 = 1.0;

    /** Fuses of circuits that work coils, and the wires behind them. */
    private const COIL_FUSES = [CoilSupply::FUSE, CoilSupply::TAP_FUSE];

    private const THIN_WIRES = [TriggerLine::WIRES, CoilSupply::TAP_WIRES];

    /** Fuse to the copper usually behind it, A to mm². */
    private const USUAL_MM2 = [30 => 2.5, 40 => 4.0, 60 => 6.0, 80 => 10.0, 100 => 16.0];

    /** The largest fuse that vehicles have before a wire of so much copper, mm² to A (common practice, no source). */
    private const MOST_FUSE_A = [
        [0.35, 5.0], [0.5, 7.5], [0.75, 10.0], [1.0, 15.0], [1.5, 20.0], [2.5, 30.0], [4.0, 40.0], [6.0, 60.0], [10.0, 80.0], [16.0, 100.0], [25.0, 150.0], [35.0, 200.0],
    ];

    /** What a fuse is usually rated over what runs through it. */
    private const USUAL_SPARE = 1.25;

    private float $usualFuseA;

    private function __construct(private Found $found, private Shelf $shelf)
    {
        $runA = array_sum(array_map(static fn (Fan $fan): float => $fan->runA, $found->brief->fans));
        $usual = array_filter(array_keys(self::USUAL_MM2), static fn (int $ratedA): bool => $ratedA >= self::USUAL_SPARE * $runA);
        $this->usualFuseA = (float) ($usual === [] ? array_key_last(self::USUAL_MM2) : min($usual));
    }

    public static function of(Found $found, Shelf $shelf): self
    {
        return new self($found, $shelf);
    }

    /** The largest fuse that vehicles have before a wire of so much copper, A. */
    public static function mostFuseA(float $areaMm2): float
    {
        $mostA = self::MOST_FUSE_A[0][1];
        foreach (self::MOST_FUSE_A as [$fromMm2, $fuseA]) {
            // Half a size is measured by eye, and gauges lie between the sizes.
            $mostA = $areaMm2 >= 0.8 * $fromMm2 ? $fuseA : $mostA;
        }

        return $mostA;
    }

    /** What the found circuit is built with. */
    public function selection(): Selection
    {
        $thin = Conductor::ofArea(self::USUAL_COIL_MM2);
        $told = array_filter($this->found->parts, static fn (FoundPart $part): bool => $part->areaMm2 !== null);

        return new Selection(
            Conductor::ofArea(self::USUAL_MM2[(int) $this->usualFuseA]),
            $this->ofRating($this->usualFuseA),
            $this->ofContact(self::USUAL_RELAY_A),
            [...array_fill_keys(self::THIN_WIRES, $thin), ...array_map(static fn (FoundPart $part): Conductor => Conductor::ofArea($part->areaMm2 ?? 0.0), $told)],
            array_map($this->fuse(...), array_combine($ids = [...self::COIL_FUSES, ...array_keys($this->found->parts)], $ids)),
            array_map($this->relay(...), array_combine($ids = array_keys($this->found->parts), $ids)),
            isFound: true,
        );
    }

    public function fuse(string $id): FusePart
    {
        $usualA = in_array($id, self::COIL_FUSES, true) ? self::USUAL_COIL_FUSE_A : $this->usualFuseA;

        return $this->ofRating($this->found->part($id)->ratedA ?? $usualA);
    }

    public function relay(string $id): RelayPart
    {
        return $this->ofContact($this->found->part($id)->ratedA ?? self::USUAL_RELAY_A);
    }

    /** A fuse of the nearest kind on the shelf, of this rating, A. */
    private function ofRating(float $ratedA): FusePart
    {
        $parts = array_values(array_filter($this->shelf->allFuses(), static fn (FusePart $part): bool => ! $part->isResettable() && ! $part->isNone()));
        usort($parts, static fn (FusePart $a, FusePart $b): int => abs($a->ratedA - $ratedA) <=> abs($b->ratedA - $ratedA));

        return $parts[0]->found($ratedA);
    }

    /** A relay of the nearest kind on the shelf, with a contact of this rating, A. */
    private function ofContact(float $ratedA): RelayPart
    {
        $parts = $this->shelf->relays($this->found->brief->supply->systemV);
        usort($parts, static fn (RelayPart $a, RelayPart $b): int => [abs($a->makeA - $ratedA), $a->restA === null] <=> [abs($b->makeA - $ratedA), $b->restA === null]);

        return $parts[0]->found($ratedA);
    }
}
