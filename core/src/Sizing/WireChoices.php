<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Wire;
use LampThread\Circuit\WireGroup;
use LampThread\Operation\Solver;
use LampThread\Parts\Conductor;
use LampThread\Parts\Shelf;

/**
 * The wires of a job, chosen together: a trunk loses no more than its share of the way, a branch what its trunk leaves it, and equal fans on
 * equal ways are wired alike.
 */
final readonly class WireChoices
{
    /** What lies the same way from fan to fan, if they are alike. */
    private const WAY = [Stretch::BatteryToFuse, Stretch::FuseToRelay, Stretch::RelayToFan, Stretch::FanToEarth];

    private WireSizing $sizing;

    private Solver $solver;

    /**
     * @param  Circuit  $circuit  with its fuses and relays already chosen, wires still generous
     * @param  bool  $endsCount  whether what the ends take bounds the size
     */
    public function __construct(private Brief $brief, private Shelf $shelf, private Circuit $circuit, private OperatingEnvelope $envelope, bool $endsCount = true)
    {
        $this->sizing = new WireSizing($shelf, new Ampacity($shelf->ampacityRows), $brief, $endsCount);
        $this->solver = new Solver($circuit);
    }

    /**
     * @param  Conductor  $usual  where a size cannot be told
     * @return array{array<string, Choice>, array<string, Conductor>, array<string, float>} choices by id, conductors by group, copper
     *     temperature by wire, °C
     */
    public function all(Conductor $usual): array
    {
        $choices = $this->chosen();
        $given = [];
        $conductors = [];
        $conductorC = [];
        foreach ($choices as $id => $choice) {
            $group = $this->circuit->wireGroups[$id];
            $conductors[$id] = $this->shelf->conductor($choice->taken->part->id()) ?? $usual;
            $given += $this->sizing->given($group, $this->circuit, $this->envelope, $this->solver, $conductors[$id]);
            $given += $this->sizing->found($group, $this->circuit, $this->envelope, $this->solver);
            foreach ($this->circuit->wiresOf($group) as $wire) {
                $conductorC[$wire->id] = $this->sizing->conductorC($wire, $conductors[$id], $this->envelope->greatestA($wire->id));
            }
        }

        // Of a group that is there already nothing is chosen.
        $cut = array_filter($choices, fn (string $id): bool => $this->isCut($this->circuit->wireGroups[$id]), ARRAY_FILTER_USE_KEY);

        return [$cut + $given, $conductors, $conductorC];
    }

    private function isCut(WireGroup $group): bool
    {
        return array_filter($this->circuit->wiresOf($group), static fn (Wire $wire): bool => $wire->segment->given === null) !== [];
    }

    /** @return array<string, Choice> by group */
    private function chosen(): array
    {
        $groups = array_filter($this->circuit->wireGroups, fn (WireGroup $group): bool => $this->circuit->wiresOf($group) !== []);
        $choices = [];
        foreach ($groups as $group) {
            $choices[$group->id] = $this->choose($group, $choices);
        }
        foreach ($groups as $group) {
            $choices = $this->withTrunkAsThick($group, $groups, $choices);
        }
        foreach ($this->alike($groups) as $ids) {
            $thickest = $this->thickest(array_intersect_key($choices, array_flip($ids)));
            foreach ($ids as $id) {
                if ($thickest !== null && $choices[$id]->isMade() && $choices[$id]->taken->part->id() !== $thickest) {
                    $trunk = $groups[$id]->trunk;
                    $choices[$id] = $this->choose($groups[$id], $choices, $thickest, mostMm2: $trunk === null ? null : $this->areaMm2($choices[$trunk]));
                }
            }
        }

        return $choices;
    }

    /**
     * A trunk is no thinner than what branches off it: it is taken a size larger, which leaves its branches more to lose, until none is thicker.
     *
     * @param  array<string, WireGroup>  $groups
     * @param  array<string, Choice>  $choices
     * @return array<string, Choice>
     */
    private function withTrunkAsThick(WireGroup $trunk, array $groups, array $choices): array
    {
        $branches = ! $this->isCut($trunk) ? [] : array_filter($groups, fn (WireGroup $one): bool => $one->trunk === $trunk->id && $this->isCut($one));
        while ($branches !== [] && $this->areaMm2($choices[$trunk->id]) < max(array_map(fn (WireGroup $one): float => $this->areaMm2($choices[$one->id]), $branches))) {
            $larger = $choices[$trunk->id]->isPinned ? null : $choices[$trunk->id]->nextUpThatFits();
            if ($larger === null) {
                break;
            }
            $choices[$trunk->id] = $this->choose($trunk, $choices, $larger->part->id(), 'choice.no-thinner-than-branch');
            foreach ($branches as $branch) {
                $choices[$branch->id] = $this->choose($branch, $choices);
            }
        }
        foreach ($branches as $branch) {
            $choices[$branch->id] = $this->choose($branch, $choices, mostMm2: $this->areaMm2($choices[$trunk->id]));
        }

        return $choices;
    }

    private function areaMm2(Choice $choice): float
    {
        return $this->shelf->conductor($choice->taken->part->id())->areaMm2 ?? 0.0;
    }

    /**
     * @param  array<string, Choice>  $choices  those before it
     * @param  string  $because  code of the sentence that says why the preferred is
     * @param  float|null  $mostMm2  of its trunk; null where it has none, or that may still grow
     */
    private function choose(WireGroup $group, array $choices, ?string $preferred = null, string $because = 'choice.equal-fans', ?float $mostMm2 = null): Choice
    {
        return $this->sizing->choose(
            $group, $this->circuit, $this->envelope, $this->solver, $this->brief->pinned[$group->id] ?? null, $this->limitPercent($group, $choices), $preferred, $because,
            $mostMm2,
        );
    }

    /** @param  array<string, Choice>  $choices */
    private function limitPercent(WireGroup $group, array $choices): float
    {
        $limitPercent = $this->brief->wiring->dropLimitPercent;
        $trunk = $group->trunk === null ? null : $this->circuit->wireGroups[$group->trunk];
        if ($trunk !== null) {
            $conductor = $this->shelf->conductor($choices[$trunk->id]->taken->part->id());

            return $conductor === null ? $limitPercent : max(
                0.0, $limitPercent - $this->sizing->dropPercent($trunk, $conductor, $this->circuit, $this->envelope, $this->solver),
            );
        }
        $branchesM = array_map($this->lengthM(...), array_filter($this->circuit->wireGroups, static fn (WireGroup $one): bool => $one->trunk === $group->id));
        $ownM = $this->lengthM($group);

        return $branchesM === [] ? $limitPercent : $limitPercent * $ownM / ($ownM + max($branchesM));
    }

    private function lengthM(WireGroup $group): float
    {
        return array_sum(array_map(static fn (Wire $wire): float => $wire->segment->lengthM, $this->circuit->wiresOf($group)));
    }

    /**
     * @param  array<string, WireGroup>  $groups
     * @return list<list<string>> ids of groups that feed equal fans on equal ways behind equal fuses
     */
    private function alike(array $groups): array
    {
        $alike = [];
        foreach ($groups as $group) {
            $fan = $this->circuit->componentAt($group->loadFrom);
            if ($fan instanceof FanMotor) {
                $fuse = $this->circuit->protectionOf($group);
                $way = [$fan->fan->runA, $fan->fan->startA, $fan->fan->ratedV, $fuse->ratedA(), $group->trunk];
                foreach ($this->circuit->wiresOf($group) as $wire) {
                    if (in_array($wire->stretch, self::WAY, true)) {
                        $way[$wire->stretch->value] = (array) $wire->segment;
                    }
                }
                ksort($way);
                $alike[serialize($way)][] = $group->id;
            }
        }

        return array_values(array_filter($alike, static fn (array $ids): bool => count($ids) > 1));
    }

    /**
     * @param  array<string, Choice>  $choices
     * @return string|null id of the largest size any of them has
     */
    private function thickest(array $choices): ?string
    {
        $thickest = null;
        foreach ($choices as $choice) {
            $conductor = $choice->isMade() ? $this->shelf->conductor($choice->taken->part->id()) : null;
            if ($conductor !== null && $conductor->areaMm2 > ($thickest->areaMm2 ?? 0.0)) {
                $thickest = $conductor;
            }
        }

        return $thickest?->id();
    }
}
