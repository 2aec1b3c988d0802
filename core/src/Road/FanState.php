<?php

declare(strict_types=1);

namespace LampThread\Road;

/** What the fans do and draw, as the solved circuit has it. */
final readonly class FanState
{
    /**
     * @param  float  $airM3h  all fans would move free of the core, m³/h
     * @param  float  $speedShare  mean speed of all fans over rated
     * @param  int  $running  fans that turn
     * @param  float  $currentA  of all fans, A
     * @param  float  $busV  at the battery, V
     * @param  float  $batteryA  into the battery, A
     */
    public function __construct(
        public float $airM3h,
        public float $speedShare,
        public int $running,
        public float $currentA,
        public float $busV,
        public float $batteryA,
    ) {}
}
