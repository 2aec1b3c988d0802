<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What starts the time of a time-delay relay. */
enum AfterRunStart: string
{
    /** The key going out. */
    case Key = 'key';

    /** A push on a button. */
    case Push = 'push';

    /** A switch on the plus side: the fan runs as long as it is on, and for the time once it is let go. */
    case Switch = 'switch';

    /** Whether the driver starts it, with the key in or out. */
    public function isByHand(): bool
    {
        return $this !== self::Key;
    }
}
