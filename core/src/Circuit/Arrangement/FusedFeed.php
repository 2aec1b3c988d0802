<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Line;
use LampThread\Circuit\Reel;

/** A fuse at the feed and the reel its thread is cut from. */
final class FusedFeed
{
    /**
     * @param  string  $id  the fuse is `$id-fuse`, the reel `$id-wire`
     * @param  string  $name  of what it feeds
     * @return array{string, string} the fuse's outgoing terminal and the reel's id
     */
    public static function lay(Harness $harness, string $id, string $name, string $loadFrom, string $loadTo): array
    {
        $fuse = $harness->add(new Fuse(
            "{$id}-fuse",
            $harness->mark('F'),
            "Main fuse, {$name}",
            $harness->fitted->fuse("{$id}-fuse"),
            $harness->brief->run(Stretch::BatteryToFuse)->zone,
        ));
        $reel = $harness->reel(new Reel("{$id}-wire", "Fan wire, {$name}", $fuse->id, $loadFrom, $loadTo))->id;
        $feed = (string) $harness->left(Line::FAN_FEED);
        $harness->wire($feed, $fuse->terminal('1'), Stretch::BatteryToFuse, Colour::BatteryFeed, $reel);

        return [$fuse->terminal('2'), $reel];
    }
}
