<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Message\Message;
use LampThread\Operation\OperatingPoint;

/** One state a vehicle can be brought into, settled, and what was done to get there. */
final readonly class State
{
    /**
     * @param  int|null  $from  number of the state it was reached from; null for the first, key out and cold
     * @param  Message  $transition  what was done there
     * @param  int  $alike  number of the first state with the same elements in the same positions: nothing electrical tells them apart
     */
    public function __construct(
        public int $number,
        public ?int $from,
        public Message $transition,
        public OperatingPoint $point,
        public int $alike,
    ) {}
}
