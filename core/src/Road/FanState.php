<?php

declare(strict_types=1);

namespace LampThread\Road;

/** What the fans do and draw, as the solved circuit has it. */
final readonly class FanState
{
    /**
     * @param  list<float>  $shares  speed of each fan over rated
     * @param  float  $speedShare  mean of those
     * @param  int  $running  fans that turn
     * @param  float  $currentA  of all fans, A
     * @param  float  $busV  at the battery, V
     * @param  float  $batteryA  into the battery, A
     */
    public function __construct(
        public array $shares,
        public float $speedShare,
        public int $running,
        public float $currentA,
        public float $busV,
        public float $batteryA,
    ) {}
}
