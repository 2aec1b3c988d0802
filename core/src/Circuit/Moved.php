<?php

declare(strict_types=1);

namespace LampThread\Circuit;

/** The end of a wire that was there, taken off one part and put on another. */
final readonly class Moved
{
    /**
     * @param  string  $from  terminal of the circuit that was found
     * @param  string  $to  terminal of the one the vehicle leaves with
     */
    public function __construct(public Wire $wire, public string $from, public string $to) {}
}
