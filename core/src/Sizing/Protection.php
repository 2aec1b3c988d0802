<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Protects;
use LampThread\Circuit\Reel;
use LampThread\Shelf\FuseGates;
use LampThread\Shelf\Shelf;

/**
 * What opens before the wires of a reel burn. Where several feeds are joined at one load each can carry the other's fault, so the
 * largest of their fuses counts.
 */
final readonly class Protection
{
    /** A short must be at least this many times the rating to open a fuse quickly (common practice, no source). */
    public const SHORT_MULTIPLE = 3.5;

    private function __construct(public float $ratedA, public FuseGates $gates, public string $says) {}

    public static function of(Reel $reel, Circuit $circuit, Shelf $shelf): self
    {
        $largest = null;
        foreach ([$reel, ...self::joined($reel, $circuit)] as $one) {
            $component = $circuit->components[$one->fuseId];
            assert($component instanceof Protects);
            if ($largest === null || $component->fuseA() > $largest->ratedA) {
                $largest = new self(
                    $component->fuseA(),
                    $component instanceof Fuse ? $component->part->gates : $shelf->gates['blade'],
                    $one === $reel ? 'fuse rating' : "rating of {$component->mark}, joined at the same load,",
                );
            }
        }

        return $largest;
    }

    /** @return list<Reel> others whose wires end at the same load */
    private static function joined(Reel $reel, Circuit $circuit): array
    {
        $joined = [];
        foreach ($circuit->wires as $wire) {
            if ($wire->reel !== $reel->id && in_array($reel->loadFrom, [$wire->from, $wire->to], true)) {
                $other = $circuit->reels[$wire->reel] ?? null;
                if ($other !== null && $other->loadFrom === $reel->loadFrom) {
                    $joined[$other->id] = $other;
                }
            }
        }

        return array_values($joined);
    }
}
