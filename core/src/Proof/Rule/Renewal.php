<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Zone;
use LampThread\Circuit\FoundParts;
use LampThread\Circuit\Wire;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;
use LampThread\Parts\FusePart;
use LampThread\Proof\Finding\Remedy;
use LampThread\Sizing\FuseSizing;
use LampThread\Sizing\Sizing;

/** New in the place of what was there, where that does not do: the part itself, or for wires the fuse before them. */
final class Renewal
{
    /**
     * @param  string  $foundId  of a part or a group of wires that stays
     * @return list<Remedy> each of which is tried before it is offered
     */
    public static function remedies(string $foundId, Sizing $sizing): array
    {
        $group = $sizing->circuit->wireGroups[$foundId] ?? null;
        $remedies = [];
        if ($group !== null && $sizing->circuit->wasThere($group->protectedBy) && self::isFuseEnough($group, $sizing)) {
            $remedies[] = self::ofPart($group->protectedBy, $sizing);
        }
        $name = $group->name ?? $sizing->circuit->components[$foundId]->name;

        return [...$remedies, self::of($foundId, $name, $sizing)];
    }

    /** Whether a fuse its wires are protected by carries what they do. */
    private static function isFuseEnough(WireGroup $group, Sizing $sizing): bool
    {
        $mostA = array_map(
            static fn (Wire $wire): float => FoundParts::mostFuseA($wire->conductor->areaMm2),
            array_filter($sizing->circuit->wiresOf($group), static fn (Wire $wire): bool => $wire->foundId !== null),
        );
        $fitsA = FusePart::largestUpToA($mostA === [] ? 0.0 : min($mostA));

        return $sizing->envelope->greatestA($group->protectedBy) <= FuseSizing::continuousA($fitsA, Zone::Bay->ambientC());
    }

    /** New in the place of a part that stays. */
    public static function ofPart(string $id, Sizing $sizing): Remedy
    {
        return self::of($id, $sizing->circuit->components[$id]->name, $sizing);
    }

    private static function of(string $id, Message $name, Sizing $sizing): Remedy
    {
        return Remedy::of('renew', ['/renewed' => [...$sizing->brief->renewed, $id]], ['part' => $name]);
    }
}
