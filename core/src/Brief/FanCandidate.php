<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** A fan that could be taken for the first place, by its printed or measured figures. */
final readonly class FanCandidate
{
    /**
     * @param  float  $runA  running current, A, at $ratedV
     * @param  float|null  $startA  peak at start, A; null takes three times the running current
     * @param  float|null  $noiseDb  where its maker tells it, dB(A)
     * @param  float|null  $price  in the workshop's own money
     */
    public function __construct(
        public string $name,
        public float $diameterMm,
        public float $depthMm,
        public float $ratedV,
        public float $runA,
        public ?float $startA,
        public float $flowM3h,
        public ?float $noiseDb = null,
        public ?float $price = null,
    ) {}

    /** A fan like another in all but its figures. */
    public function inPlaceOf(Fan $fan): Fan
    {
        return new Fan(
            $fan->id, $this->name, $fan->mount, $this->diameterMm, $this->depthMm, $this->ratedV, $this->runA, $this->startA, $this->flowM3h, $fan->startS,
            null, false, false, $fan->roomMm,
        );
    }
}
