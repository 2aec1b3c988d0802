<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** Where a temperature is felt, and at which it turns on and off; between the two things stay as they were. */
final readonly class TemperatureBand
{
    /**
     * @param  float  $onC  °C
     * @param  float  $offC  °C, below onC
     * @param  bool  $coolantStands  whether no coolant moves past the place, as in a dead branch
     * @param  float|null  $depthMm  how deep the probe reaches in, mm; null where nobody has measured
     * @param  float|null  $fromInletMm  distance from the inlet tank, mm; null where nobody has measured
     */
    public function __construct(
        public float $onC,
        public float $offC,
        public Place $place,
        public bool $coolantStands = false,
        public ?float $depthMm = null,
        public ?float $fromInletMm = null,
    ) {}

    /** At the same place, on at another temperature and off so many kelvins below it. */
    public function movedTo(float $onC, float $gapK): self
    {
        return new self($onC, $onC - $gapK, $this->place, $this->coolantStands, $this->depthMm, $this->fromInletMm);
    }
}
