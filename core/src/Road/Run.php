<?php

declare(strict_types=1);

namespace LampThread\Road;

/** One drive driven: how it went against time, and what came of it. */
final readonly class Run
{
    /**
     * @param  list<array{float, float, float, array<int, float>, float, float, float, float, float, float, int, float}>  $samples  time s, coolant °C, radiator °C, felt by each stage °C,
     *                                                                                   thermostat %, fan speed %, fans A, battery V, road km/h, engine rpm, fans running, metal °C
     * @param  float  $peakC  of the coolant
     * @param  float  $overS  above the ceiling, s
     * @param  float  $runS  with any fan running, s
     * @param  int  $fanStarts  of all fans
     * @param  array<int, int>  $stageStarts  by stage
     * @param  float  $fanAh  taken by the fans, Ah
     * @param  float  $batteryAh  into the battery, Ah; below 0 out of it
     * @param  float  $keyOutAh  into the battery with the key out, Ah
     * @param  float  $inJ  heat into the metal
     * @param  float  $outJ  heat given to the air
     * @param  float  $storedJ  heat that is more in metal, coolant and radiator than before
     * @param  array{FanState, array<int, bool>, float, float, float, bool, float}|null  $peak  as it was at the peak: fans, hot by stage, air m/s, coolant W/K, rpm, key, ambient °C
     */
    public function __construct(
        public Drive $drive,
        public array $samples,
        public float $peakC,
        public float $peakAtS,
        public float $overS,
        public float $lastedS,
        public float $runS,
        public int $fanStarts,
        public array $stageStarts,
        public float $fanAh,
        public float $batteryAh,
        public float $keyOutAh,
        public float $inJ,
        public float $outJ,
        public float $storedJ,
        public ?array $peak,
        public float $endsC,
    ) {}

    public function startsPerHour(): float
    {
        return $this->fanStarts / $this->lastedS * 3600;
    }

    public function runShare(): float
    {
        return $this->runS / $this->lastedS;
    }
}
