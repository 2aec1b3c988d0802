<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Message\Message;

/** A drive driven, and what it says of set points, relays and battery. */
final readonly class Outcome
{
    /**
     * @param  float|null  $relayYears  until the first relay is worn, driven like this; null where none switches
     * @param  float  $batteryLeftShare  of a full battery, after the drive
     * @param  bool  $stillCranks  whether enough is left to start with
     * @param  float|null  $startsForS  how long fans could run on after this drive, key out, and it would still start, s; null where none runs then
     * @param  list<Message>  $remarks  where the drive left the ground of the model, or what it took for granted
     */
    public function __construct(
        public SimulationResult $result,
        public Bottleneck $limitedBy,
        public ?float $relayYears,
        public float $batteryLeftShare,
        public bool $stillCranks,
        public ?float $startsForS,
        public array $remarks,
    ) {}
}
