<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What an engine-speed switch does at its speed. */
enum EngineSpeedAction: string
{
    /** Normally closed: ram air is taken to be enough from there on. */
    case OpensAbove = 'opens-above';

    /** Normally open: nothing runs before the engine, and so the alternator, is up to speed. */
    case ClosesAbove = 'closes-above';

    /** Closes at its speed and pulls a relay whose rest contact opens: dead, it leaves the fans working. */
    case OpensRelayAbove = 'opens-relay-above';

    /** Whether the switch's own contact rests open. */
    public function restsOpen(): bool
    {
        return $this !== self::OpensAbove;
    }

    /** Whether the fans are kept off from its speed on, and not below it. */
    public function locksAbove(): bool
    {
        return $this !== self::ClosesAbove;
    }
}
