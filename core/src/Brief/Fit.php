<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** The core and what covers it. A shroud over the whole core matters more than the fan (common practice, no source). */
final readonly class Fit
{
    /**
     * @param  float  $shroudPercent  share of the core's face the shroud covers, %; 0 without one
     * @param  bool  $flaps  whether flaps in the shroud let ram air out at speed
     * @param  float  $shroudDepthMm  from the core to the blades, mm; 0 where they lie against it
     * @param  float  $boltHeadsMm  how far bolt heads or the pulley's shaft stand into the room behind the core, mm
     * @param  float  $movedMm  how far the radiator is moved forward, mm
     * @param  float|null  $condenserWidthMm  of the condenser a pusher sits on; null where there is none
     */
    public function __construct(
        public float $coreWidthMm,
        public float $coreHeightMm,
        public float $shroudPercent,
        public bool $flaps,
        public float $shroudDepthMm = 0.0,
        public float $boltHeadsMm = 0.0,
        public float $movedMm = 0.0,
        public ?float $condenserWidthMm = null,
        public ?float $condenserHeightMm = null,
    ) {}

    /**
     * Share of the core's face air is drawn through, 0 to 1: under the shroud, or the fans' own discs where that is more.
     *
     * @param  list<Fan>  $fans
     */
    public function coveredShare(array $fans): float
    {
        $discsMm2 = array_sum(array_map(static fn (Fan $fan): float => M_PI / 4 * $fan->diameterMm ** 2, $fans));

        return min(1.0, max($this->shroudPercent / 100, $discsMm2 / ($this->coreWidthMm * $this->coreHeightMm)));
    }
}
