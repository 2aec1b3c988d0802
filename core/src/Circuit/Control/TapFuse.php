<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Harness;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;

/** A small fuse of the loom's own where a circuit of the vehicle is tapped, and the thin wires behind it. */
final class TapFuse
{
    /**
     * @param  string  $tap  terminal of the vehicle's circuit
     * @param  array{string, string}  $load  what is fed
     * @return string its outgoing terminal
     */
    public static function install(Harness $harness, string $id, string $group, string $tap, array $load): string
    {
        $fuse = $harness->add(new Fuse(
            $id, $harness->mark('F'), Message::of('component.tap-fuse'), $harness->selection->fuse($id), $harness->brief->segment(Stretch::FeedToFuse)->zone,
        ));
        $harness->group(new WireGroup($group, Message::of('wire-group.tap'), $fuse->id, ...$load, isThin: true));
        $harness->wire($tap, $fuse->terminal('1'), Stretch::FeedToFuse, Colour::CoilFeed, $group);

        return $fuse->terminal('2');
    }
}
