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
     * @param  float  $rimMm  how much narrower a hole in the shroud is than its fan, whose rim then seats on it, mm; 0 where the blades turn in the hole
     * @param  float|null  $unitWidthMm  of the frame of fans that are sold as one, mm; null where each stands by itself
     * @param  ShroudWork  $shroudWork  what is done to the shroud before it goes in
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
        public float $rimMm = 0.0,
        public ?float $unitWidthMm = null,
        public ?float $unitHeightMm = null,
        public ShroudWork $shroudWork = ShroudWork::None,
    ) {}

    /**
     * Share of the core's face air is drawn through, 0 to 1: under the shroud or the frame of a unit, or the fans' own discs where that is more. Discs
     * before and behind the core may lie one behind the other, and then cover once (common practice, no source).
     *
     * @param  list<Fan>  $fans
     */
    public function coveredShare(array $fans): float
    {
        $coversMm2 = [($this->unitWidthMm ?? 0.0) * ($this->unitHeightMm ?? 0.0)];
        foreach (Mount::cases() as $mount) {
            $there = array_filter($fans, static fn (Fan $fan): bool => $fan->mount === $mount);
            $coversMm2[] = array_sum(array_map(static fn (Fan $fan): float => M_PI / 4 * $fan->diameterMm ** 2, $there));
        }

        return min(1.0, max($this->shroudPercent / 100, max($coversMm2) / ($this->coreWidthMm * $this->coreHeightMm)));
    }
}
