<?php

declare(strict_types=1);

namespace LampThread\Road;

/** One simulated drive: how it went against time, and its totals. */
final readonly class SimulationResult
{
    /**
     * @param  list<Sample>  $samples
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
     * @param  Peak|null  $peak  as it was at the hottest; null where the coolant never got hotter than at first
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
        public ?Peak $peak,
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
