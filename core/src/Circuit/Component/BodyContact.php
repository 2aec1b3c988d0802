<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

/** What the body of a screw-in temperature switch is one end of. */
enum BodyContact: string
{
    /** One wire: its body is its earth. */
    case Earth = 'earth';
    /** One wire on the supply side: its body passes the feed on. */
    case Feed = 'feed';
    /** Two wires: its body is in no circuit. */
    case None = 'none';

    /** How many wires it has: one or two. */
    public function wires(): string
    {
        return $this === self::None ? 'two' : 'one';
    }
}
