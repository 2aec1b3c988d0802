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
     * @param  int  $busiestStarts  of the fan that starts most
     * @param  array<int, int>  $stageStarts  by stage
     * @param  float  $fanAh  taken by the fans, Ah
     * @param  float  $batteryAh  into the battery, Ah; below 0 out of it
     * @param  float  $keyOutAh  into the battery with the key out, Ah
     * @param  float  $inJ  heat of engine, exhaust and condenser
     * @param  float  $outJ  heat given to the air, and boiled away
     * @param  float  $storedJ  heat that is more in metal, coolant, radiator and bay than before
     * @param  Boiling|null  $boiling  null where it stayed below
     * @param  float  $shortOfPowerS  in which the road asked for more than the engine gives, s
     * @param  float  $compressorStoppedS  in which its pressure switch kept the compressor off for want of air, s
     * @param  float  $chargeShare  of the battery at the end, 0 to 1
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
        public int $busiestStarts,
        public array $stageStarts,
        public float $fanAh,
        public float $batteryAh,
        public float $keyOutAh,
        public float $inJ,
        public float $outJ,
        public float $storedJ,
        public ?Peak $peak,
        public float $endsC,
        public ?Boiling $boiling,
        public float $shortOfPowerS,
        public float $compressorStoppedS,
        public float $chargeShare,
    ) {}

    public function startsPerHour(): float
    {
        return $this->fanStarts / $this->lastedS * 3600;
    }

    /** Of the fan that starts most: its relay is worn first. */
    public function busiestStartsPerHour(): float
    {
        return $this->busiestStarts / $this->lastedS * 3600;
    }

    public function runShare(): float
    {
        return $this->runS / $this->lastedS;
    }

    /** The totals alone. */
    public function withoutSamples(): self
    {
        return new self(...[...get_object_vars($this), 'samples' => []]);
    }
}
