<?php

declare(strict_types=1);

namespace LampThread\Circuit;

use LampThread\Brief\Fan;
use LampThread\Brief\Feed;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\ThermalBreaker;
use LampThread\Message\Message;

/** A fuse at the feed, and the group of wires behind it. */
final class FusedFeed
{
    /**
     * @param  string  $id  the fuse is `$id-fuse`, the group `$id-wire`
     * @param  Message  $use  what it feeds
     * @param  Message|null  $wires  what its wires are called; null for those of a fan
     * @return array{string, string} the fuse's outgoing terminal and the group's id
     */
    public static function install(Harness $harness, string $id, Message $use, string $loadFrom, string $loadTo, ?Message $wires = null): array
    {
        $part = $harness->selection->fuse("{$id}-fuse");
        $zone = $harness->brief->segment(Stretch::BatteryToFuse)->zone;
        $fuse = $harness->add($part->isResettable()
            ? new ThermalBreaker("{$id}-fuse", $harness->mark('F'), Message::of('component.main-breaker', use: $use), $part, $zone)
            : new Fuse("{$id}-fuse", $harness->mark('F'), Message::of('component.main-fuse', use: $use), $part, $zone, self::sharedA($harness)));
        $group = $harness->group(new WireGroup("{$id}-wire", $wires ?? Message::of('wire-group.fan', use: $use), $fuse->id, $loadFrom, $loadTo))->id;
        $harness->wire($harness->shared(SharedTerminal::FAN_FEED), $fuse->terminal('1'), Stretch::BatteryToFuse, Colour::BatteryFeed, $group);

        return [$fuse->terminal('2'), $group];
    }

    /**
     * The wires of one fan of several that one feed serves: behind the feed's fuse, with the current of that fan alone.
     *
     * @param  string  $trunk  id of the feed's group
     * @return string id of the group
     */
    public static function branch(Harness $harness, Fan $fan, string $trunk): string
    {
        return $harness->group(new WireGroup(
            "{$fan->id}-branch", Message::of('wire-group.branch', fan: $fan->name), $harness->fuseOf($trunk), "{$fan->id}:+", "{$fan->id}:-", $trunk, "{$fan->id}-wire",
        ))->id;
    }

    /** Rating of the vehicle's fuse that what is fed like a fan comes through, A. */
    public static function sharedA(Harness $harness): ?float
    {
        $control = $harness->brief->control;

        return $control->feed === Feed::ExistingCircuit ? $control->existingFuseA : null;
    }
}
