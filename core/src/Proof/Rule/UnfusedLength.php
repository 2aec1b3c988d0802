<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Circuit\Wire;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/**
 * Wire between a source and the first fuse that is small enough for it has no protection. 0.2 m is wanted at most, 0.5 m is flagged (common
 * practice, no source). Every wire is judged that begins at the battery, a stud, the starter, the alternator or a circuit of the vehicle.
 */
final readonly class UnfusedLength implements Rule
{
    public const WANTED_M = 0.2;

    public const FLAGGED_M = 0.5;

    /** Where the fuse is proposed to be, m from the source. */
    private const PROPOSED_M = 0.15;

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->wires as $wire) {
            if ($wire->isBeforeFuse() && $wire->segment->lengthM > self::WANTED_M && self::isKnown($wire, $sizing)) {
                $group = $sizing->circuit->wireGroups[$wire->group];
                $path = "/runs/{$sizing->brief->segmentName($wire->stretch, $group->lengthsOf ?? $group->id)}/lengthM";
                $fuse = self::vehicleFuse($sizing->circuit, $wire->from);
                $ampacityA = $sizing->ampacity->ofWire($wire, $wire->conductor, $sizing->brief->wiring->insulationC);
                if ($fuse === null) {
                    $findings[$path] ??= self::finding('unfused-length', $wire, $path, [], $sizing);
                } elseif (! $fuse->isAssumed && $fuse->ratedA() > $ampacityA) {
                    $findings[$path] ??= self::finding('under-fused-length', $wire, $path, [
                        Figure::of('fuse', Unit::Ampere->of($fuse->ratedA())), Figure::of('ampacity', Unit::Ampere->of($ampacityA)),
                    ], $sizing);
                }
            }
        }

        return array_values($findings);
    }

    /** Of a wire that was there nobody knows how long it is before its fuse until it is told. */
    private static function isKnown(Wire $wire, Sizing $sizing): bool
    {
        $told = $sizing->brief->found->brief->segments ?? [];

        return $wire->foundId === null || isset($told[$wire->stretch->value]) || isset($told[$wire->stretch->in($wire->group)]);
    }

    /** @param  list<Figure>  $figures */
    private static function finding(string $code, Wire $wire, string $path, array $figures, Sizing $sizing): Finding
    {
        $fuse = self::fuseAfter($wire, $sizing->circuit);

        return new Finding(
            $code,
            $wire->segment->lengthM > self::FLAGGED_M ? Severity::Danger : Severity::Warning,
            $fuse,
            $path,
            ['wire' => $wire->id],
            [
                Figure::of('unfused', Unit::Metre->of($wire->segment->lengthM)),
                Figure::of('wanted-at-most', Unit::Metre->of(self::WANTED_M)),
                Figure::of('flagged-above', Unit::Metre->of(self::FLAGGED_M)),
                ...$figures,
            ],
            [
                // A fuse of the vehicle stays where it is: it comes nearer only as a new one.
                ...($sizing->circuit->wasThere($fuse) ? [Renewal::ofPart($fuse, $sizing)] : []),
                Remedy::of('fuse-at-battery', [$path => self::PROPOSED_M], ['length' => Unit::Metre->of(self::PROPOSED_M)]),
            ],
        );
    }

    /** Id of the fuse a wire leads to, through a splice to the lead the fuse has. */
    private static function fuseAfter(Wire $wire, Circuit $circuit): string
    {
        $end = explode(':', $wire->to)[0];
        $on = $circuit->components[$end]->isSplice() ? array_filter($circuit->wires, static fn (Wire $next): bool => $next->from === $wire->to) : [];

        return $on === [] ? $end : explode(':', array_values($on)[0]->to)[0];
    }

    /** The fuse of the vehicle that a terminal is behind, within the parts of the vehicle; null where there is none. */
    private static function vehicleFuse(Circuit $circuit, string $terminal): ?VehicleFuse
    {
        $seen = [];
        $ahead = $terminal === Rail::SUPPLY ? [] : [$terminal];
        while (($at = array_pop($ahead)) !== null) {
            $seen[$at] = true;
            foreach ($circuit->components as $component) {
                foreach ($component->paths() as $path) {
                    $next = match ($at) {
                        $path->from => $path->to,
                        $path->to => $path->from,
                        default => null,
                    };
                    if ($next === null || isset($seen[$next]) || $next === Rail::EARTH) {
                        continue;
                    }
                    if ($component instanceof VehicleFuse) {
                        return $component->isNone() ? null : $component;
                    }
                    if ($next !== Rail::SUPPLY) {
                        $ahead[] = $next;
                    }
                }
            }
        }

        return null;
    }
}
