<?php

declare(strict_types=1);

namespace LampThread\Road;

/** How a simulated drive stands at one moment. */
final readonly class Sample
{
    /**
     * @param  array<int, float>  $readsC  what each stage's sensor reads, °C
     * @param  float  $fanPercent  mean speed of all fans over rated, %
     * @param  int  $running  fans that turn
     * @param  float  $powerW  of the engine at its crank
     */
    public function __construct(
        public float $timeS,
        public float $coolantC,
        public float $radiatorC,
        public array $readsC,
        public float $thermostatPercent,
        public float $fanPercent,
        public float $fansA,
        public float $batteryV,
        public float $speedKmh,
        public float $engineRpm,
        public int $running,
        public float $metalC,
        public float $bayC,
        public float $powerW,
        public float $gradientPercent,
    ) {}
}
