<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Electrics\OperatingPoint;

/** One state a vehicle can be brought into, settled, and the move that led to it. */
final readonly class State
{
    /**
     * @param  int|null  $from  number of the state it was reached from; null for the first, key out and cold
     * @param  string  $move  what was done there, in the trade's words
     * @param  int  $alike  number of the first state with the same circuit standing in the same way: nothing electrical tells them apart
     */
    public function __construct(
        public int $number,
        public ?int $from,
        public string $move,
        public OperatingPoint $point,
        public int $alike,
    ) {}
}
