<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\WireGroup;
use LampThread\Parts\FuseGates;
use LampThread\Parts\Shelf;

/**
 * What opens before the wires of a group burn. Where several feeds are joined at one load each can carry the other's fault, so the
 * largest of their fuses counts.
 */
final readonly class Protection
{
    /** A short must be at least this many times the rating to open a fuse quickly (common practice, no source). */
    public const SHORT_MULTIPLE = 3.5;

    /**
     * @param  float  $warmA  what is left of its rating where it sits, A
     * @param  string|null  $joinedAt  mark of the fuse, where it is another feed's that is joined at the same load
     */
    private function __construct(public float $ratedA, public float $warmA, public FuseGates $gates, public ?string $joinedAt) {}

    public static function of(WireGroup $group, Circuit $circuit, Shelf $shelf): self
    {
        $largest = null;
        // What nobody has looked at counts for its own wires alone.
        $joined = array_filter(self::joined($group, $circuit), static fn (WireGroup $one): bool => $circuit->isKnown($one->protectedBy));
        foreach ([$group, ...$joined] as $one) {
            $component = $circuit->protectionOf($one);
            if ($largest === null || $component->ratedA() > $largest->ratedA) {
                $largest = new self($component->ratedA(), $component->warmA(), $component->gates() ?? $shelf->usualGates(), $one === $group ? null : $component->mark);
            }
        }

        return $largest;
    }

    /** @return list<WireGroup> others whose wires end at the same load */
    private static function joined(WireGroup $group, Circuit $circuit): array
    {
        $joined = [];
        foreach ($circuit->wiresInto($group->loadFrom) as $wire) {
            $other = $circuit->wireGroups[$wire->group] ?? null;
            if ($other !== null && $other->id !== $group->id && $other->loadFrom === $group->loadFrom) {
                $joined[$other->id] = $other;
            }
        }

        return array_values($joined);
    }
}
