<?php

declare(strict_types=1);

namespace LampThread\Circuit;

/** The end of a wire that was there, taken off one part and put on another. */
final readonly class Moved
{
    /**
     * @param  Wire  $wire  as it lay when it was found
     * @param  Wire  $now  as it lies in the circuit the vehicle leaves with
     * @param  string  $from  terminal of the circuit that was found
     * @param  string  $to  terminal of the one the vehicle leaves with
     * @param  bool  $isRecrimped  whether another kind of terminal sits there
     */
    public function __construct(public Wire $wire, public Wire $now, public string $from, public string $to, public bool $isRecrimped) {}
}
