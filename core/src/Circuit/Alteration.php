<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\FoundFault;
use LampThread\Brief\Place;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Circuit\Component\Termination;

/** The difference between the circuit that was found and the one the vehicle leaves with: all there is to do is read off it. */
final readonly class Alteration
{
    /** @param  Circuit|null  $found  null where nothing was there */
    public function __construct(private ?Circuit $found, private Circuit $leaves) {}

    /** Whether anything was there. */
    public function hasFound(): bool
    {
        return $this->found !== null;
    }

    /** @return list<Component> what was there and can come out, and is not what stays */
    public function going(): array
    {
        return array_values(array_filter(
            $this->found->components ?? [], fn (Component $component): bool => $component->comesOut() && ! $this->leaves->wasThere($component->id),
        ));
    }

    /** @return list<Wire> that were there, of which nothing stays */
    public function wiresGoing(): array
    {
        $stay = array_column(array_filter($this->leaves->wires, static fn (Wire $wire): bool => $wire->foundId !== null), 'foundId', 'foundId');

        return array_values(array_filter($this->found->wires ?? [], static fn (Wire $wire): bool => ! isset($stay[$wire->id])));
    }

    /**
     * @param  list<FoundFault>  $wrong  with the vehicle as it was found
     * @return list<FoundFault> what of that is wrong with what stays
     */
    public function stillWrong(array $wrong): array
    {
        $wires = array_column($this->leaves->wires, null, 'foundId');

        return array_values(array_filter($wrong, fn (FoundFault $one): bool => isset($wires[$this->found?->named($one->part)->id ?? '']) || $this->leaves->wasThere($one->part)));
    }

    /** @return list<Component> that come */
    public function coming(): array
    {
        return array_values(array_filter($this->leaves->components, fn (Component $component): bool => ! $this->leaves->wasThere($component->id)));
    }

    /** Whether the cooling system is opened for what comes. */
    public function opensCoolant(): bool
    {
        return $this->sensorsInCoolant() !== [];
    }

    /** What comes into the coolant at a place; null where nothing does. */
    public function sensorComingTo(Place $place): (Component&TemperatureSensing)|null
    {
        return array_values(array_filter($this->sensorsInCoolant(), static fn (TemperatureSensing $sensor): bool => $sensor->band()->place === $place))[0] ?? null;
    }

    /** @return list<Component&TemperatureSensing> that come */
    private function sensorsInCoolant(): array
    {
        return array_values(array_filter(
            $this->leaves->sensors(), fn (Component&TemperatureSensing $sensor): bool => $sensor->opensCoolant() && ! $this->leaves->wasThere($sensor->id),
        ));
    }

    /** @return list<Wire> that come */
    public function wiresComing(): array
    {
        return array_values(array_filter($this->leaves->wires, static fn (Wire $wire): bool => $wire->segment->given === null));
    }

    /** @return list<Joint> where a wire that comes is spliced to one that was there */
    public function joints(): array
    {
        $joints = [];
        foreach ($this->found === null ? [] : $this->leaves->components as $component) {
            if ($component->isSplice()) {
                $wires = $this->leaves->wiresAt($component->terminal('1'));
                $there = array_values(array_filter($wires, static fn (Wire $wire): bool => $wire->foundId !== null));
                $coming = array_values(array_filter($wires, static fn (Wire $wire): bool => $wire->foundId === null));
                if ($there !== [] && $coming !== []) {
                    $into = $this->foundWire($there[0]);
                    $ends = array_values(array_intersect([$there[0]->from, $there[0]->to], [$into->from, $into->to]));
                    $joints[] = new Joint($component, $into, $coming, count($there) === 1 ? $ends[0] ?? null : null);
                }
            }
        }

        return $joints;
    }

    private function foundWire(Wire $piece): Wire
    {
        foreach ($this->found->wires ?? [] as $wire) {
            if ($wire->id === $piece->foundId) {
                return $wire;
            }
        }

        throw new \LogicException("{$piece->foundId} was not found.");
    }

    /** @return list<Moved> ends of wires that were there, put on another part of the loom, or on another kind of part in the place of one */
    public function moved(): array
    {
        $moved = [];
        foreach ($this->found === null ? [] : $this->leaves->wires as $wire) {
            $was = $wire->foundId === null ? $wire : $this->foundWire($wire);
            $from = array_values(array_diff([$was->from, $was->to], [$wire->from, $wire->to]));
            $to = array_values(array_diff([$wire->from, $wire->to], [$was->from, $was->to]));
            $ends = count($from) === 1 && count($to) === 1 && $this->leaves->componentAt($to[0])?->isSplice() !== true ? [[$from[0], $to[0]]] : [];
            foreach ($wire->foundId === null ? [] : array_intersect([$wire->from, $wire->to], [$was->from, $was->to]) as $same) {
                $ends = $this->isExchanged($same) ? [...$ends, [$same, $same]] : $ends;
            }
            foreach ($ends as [$off, $on]) {
                $moved[] = new Moved($was, $wire, $off, $on, $this->found?->terminationAt($off) !== $this->leaves->terminationAt($on));
            }
        }

        return $moved;
    }

    /** Whether another kind of part has come to a terminal. */
    private function isExchanged(string $terminal): bool
    {
        $was = $this->found?->componentAt($terminal);
        $now = $this->leaves->componentAt($terminal);

        return $was !== null && $now !== null && $was->comesOut() && $was::class !== $now::class;
    }

    /** Whether a wire is taken off an end that is left: off what goes, or off a stud. Anywhere else it is cut. */
    public function isTakenOff(string $terminal): bool
    {
        $part = $this->found?->componentAt($terminal);

        return $part === null || $this->found?->terminationAt($terminal) === Termination::Stud || ($part->comesOut() && ! $this->leaves->wasThere($part->id));
    }

    /** Whether a part that goes has a new one in its place. */
    public function isRenewed(Component $going): bool
    {
        return isset($this->leaves->components[$going->id]) && $going::class === $this->leaves->components[$going->id]::class;
    }

    /** @return array<string, Wire> terminal of a part that stays to the wire that comes there, where another was before */
    public function refed(): array
    {
        $refed = [];
        foreach ($this->found->wires ?? [] as $was) {
            foreach ([$was->from, $was->to] as $terminal) {
                $part = $this->leaves->componentAt($terminal);
                $isTakenOff = $part?->comesOut() === true && $this->leaves->wasThere($part->id) && $this->leaves->terminationAt($terminal) !== Termination::Stud;
                $now = $isTakenOff ? $this->leaves->wiresAt($terminal) : [];
                if (count($now) === 1 && $now[0]->foundId === null) {
                    $refed[$terminal] = $now[0];
                }
            }
        }

        return $refed;
    }
}
