<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Brief;
use LampThread\Brief\Found;
use LampThread\Brief\RelayPlace;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Termination;
use LampThread\Circuit\Control\CircuitBuilder;
use LampThread\Parts\FusePart;
use LampThread\Parts\RelayPart;
use LampThread\Parts\Shelf;

/**
 * What of the circuit that was found stays in the one the vehicle leaves with: a part both tell alike, unless it comes new; a wire that
 * still has an end where it had one.
 */
final readonly class Existing
{
    /**
     * @param  Circuit  $circuit  as it was found
     * @param  FoundParts  $parts  what its parts are taken as
     * @param  array<string, int>  $renewed  parts and groups of wires that come new, by id
     */
    private function __construct(public Found $found, public Circuit $circuit, private FoundParts $parts, private array $renewed) {}

    /** @return self|null null where nothing was there */
    public static function of(Brief $brief, Shelf $shelf): ?self
    {
        if ($brief->found === null) {
            return null;
        }
        $parts = FoundParts::of($brief->found, $shelf);

        return new self($brief->found, CircuitBuilder::build($brief->found->brief, $parts->selection()), $parts, array_flip($brief->renewed));
    }

    public function fuse(string $id): ?FusePart
    {
        return $this->mayStay($id) ? $this->parts->fuse($id) : null;
    }

    public function relay(string $id): ?RelayPart
    {
        return $this->mayStay($id) ? $this->parts->relay($id) : null;
    }

    private function mayStay(string $id): bool
    {
        return isset($this->circuit->components[$id]) && ! isset($this->renewed[$id]);
    }

    /** Where a relay was found; null where there was none of that id. */
    public function relayPlace(string $id): ?RelayPlace
    {
        $relay = $this->circuit->components[$id] ?? null;

        return $relay instanceof Relay ? $relay->place : null;
    }

    /**
     * @param  array<string, Component>  $components  of the new circuit
     * @return array<string, true> ids of those that were there
     */
    public function staying(array $components): array
    {
        return array_map(static fn (): true => true, array_filter($components, fn (Component $component): bool => $this->mayStay($component->id)
            && $this->isSame($component, $this->circuit->components[$component->id])));
    }

    /** What is the vehicle's own stays, whatever it is asked for now; an earth point is where its way back goes. */
    private function isSame(Component $now, Component $was): bool
    {
        return $now->comesOut() || $now->isEarthPoint() ? $now->isSameAs($was) : $now::class === $was::class;
    }

    /**
     * The wires of the new circuit, those among them that were there as they lie. Each that was there is one of them at most: the one with
     * both its ends before one with one of them.
     *
     * @param  list<Wire>  $wires
     * @param  array<string, true>  $staying  ids of the parts that were there
     * @param  array<string, Component>  $components  of the new circuit
     * @return list<Wire>
     */
    public function laid(array $wires, array $staying, array $components): array
    {
        $wires = $this->earthedAsBefore($wires, $components);
        $left = array_values(array_filter($this->circuit->wires, fn (Wire $wire): bool => ! isset($this->renewed[$wire->group])));
        foreach ([2, 1] as $ends) {
            foreach ($wires as $at => $wire) {
                foreach ($wire->foundId === null ? $left : [] as $number => $there) {
                    $isSame = self::sharedEnds($wire, $there, $staying) === $ends;
                    $isLike = $there->group === $wire->group && $there->stretch === $wire->stretch;
                    if ($isSame && ($ends === 2 || ($isLike && self::isLedElsewhere($wire, $there, $staying, $components)))) {
                        $wires[$at] = $wire->as($there);
                        unset($left[$number]);

                        break;
                    }
                }
            }
        }

        return $wires;
    }

    /**
     * Studs are counted as wires come to them, and those that were there first have theirs: where a wire that was there would end at another, the two
     * studs are exchanged. Whose stud is found already keeps it.
     *
     * @param  list<Wire>  $wires
     * @param  array<string, Component>  $components  of the new circuit
     * @return list<Wire>
     */
    private function earthedAsBefore(array $wires, array $components): array
    {
        $isEarth = static fn (string $end, array $among): bool => ($among[explode(':', $end, 2)[0]] ?? null)?->isEarthPoint() === true;
        $settled = [];
        foreach ($this->circuit->wires as $there) {
            $isKept = ! isset($this->renewed[$there->group]) && $isEarth($there->to, $components) && $isEarth($there->to, $this->circuit->components);
            $now = $isKept ? $this->inPlaceOf($there, array_filter($wires, static fn (Wire $wire): bool => $isEarth($wire->to, $components)))?->to : null;
            if ($now === null || isset($settled[$now]) || isset($settled[$there->to])) {
                continue;
            }
            $wires = array_map(static fn (Wire $one): Wire => $one->rejoined($there->to, '')->rejoined($now, $there->to)->rejoined('', $now), $wires);
            $settled[$there->to] = true;
        }

        return $wires;
    }

    /**
     * What a wire to earth that was there is now: the one from the same terminal, else one like it from a terminal none led to earth from.
     *
     * @param  array<int, Wire>  $wires  of the new circuit, to earth
     */
    private function inPlaceOf(Wire $there, array $wires): ?Wire
    {
        $like = array_filter($wires, static fn (Wire $wire): bool => $wire->group === $there->group && $wire->stretch === $there->stretch);
        $same = array_filter($like, static fn (Wire $wire): bool => $wire->from === $there->from);
        $from = array_column($this->circuit->wires, 'from');
        $new = array_filter($like, static fn (Wire $wire): bool => ! in_array($wire->from, $from, true));

        return array_values([...$same, ...$new])[0] ?? null;
    }

    /**
     * The wire that was there at a terminal of a part that stays, on which a plug or a crimp of the vehicle sits: what comes is joined to it.
     *
     * @param  array<string, true>  $staying  ids of the parts that were there
     */
    public function wireAt(string $terminal, array $staying): ?Wire
    {
        [$id, $number] = explode(':', $terminal, 2);
        if (! isset($staying[$id]) || $this->circuit->components[$id]->termination($number) === Termination::Stud) {
            return null;
        }

        return array_values(array_filter($this->circuit->wiresAt($terminal), fn (Wire $wire): bool => ! isset($this->renewed[$wire->group])))[0] ?? null;
    }

    /**
     * The end of a wire that was cut into: what lies there now is only what is left of one whose far end still has its part.
     *
     * @param  array<string, true>  $staying  ids of the parts that were there
     * @return string|null the terminal a new lead joins it to; null where it ends where it did, or at what took its part's place
     */
    public function cutEnd(Wire $wire, array $staying): ?string
    {
        $there = array_values(array_filter($this->circuit->wires, static fn (Wire $one): bool => $one->id === $wire->foundId))[0] ?? null;
        $was = $there === null ? [] : [$there->from, $there->to];
        $moved = array_values(array_diff([$wire->from, $wire->to], $was));
        $left = array_values(array_diff($was, [$wire->from, $wire->to]));

        return count($moved) === 1 && count($left) === 1 && isset($staying[explode(':', $left[0], 2)[0]]) ? $moved[0] : null;
    }

    /**
     * Whether a wire with one end where it was has the other at a part of the loom: what ends at the vehicle itself is another wire.
     *
     * @param  array<string, true>  $staying  ids of the parts that were there
     * @param  array<string, Component>  $components  of the new circuit
     */
    private static function isLedElsewhere(Wire $wire, Wire $there, array $staying, array $components): bool
    {
        $moved = array_filter([$wire->from, $wire->to], static fn (string $end): bool => ! self::isShared($end, $there, $staying));

        return array_filter($moved, static fn (string $end): bool => ($components[explode(':', $end, 2)[0]] ?? null)?->comesOut() !== true) === [];
    }

    /** @param  array<string, true>  $staying  ids of the parts that were there */
    private static function sharedEnds(Wire $wire, Wire $there, array $staying): int
    {
        return count(array_filter([$wire->from, $wire->to], static fn (string $end): bool => self::isShared($end, $there, $staying)));
    }

    /** @param  array<string, true>  $staying  ids of the parts that were there */
    private static function isShared(string $end, Wire $there, array $staying): bool
    {
        return in_array($end, [$there->from, $there->to], true) && isset($staying[explode(':', $end, 2)[0]]);
    }
}
