<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** A fixed two-position temperature switch that closes when hot. */
final readonly class ThermalSwitch
{
    /** What the usual screw-in switch may carry, A (common practice, no source). */
    public const USUAL_RATED_A = 6.0;

    /**
     * @param  float  $onC  coolant temperature at which it closes, °C
     * @param  float  $offC  coolant temperature at which it opens again, °C; below onC
     * @param  bool  $earthLead  whether its body has a lead of its own to earth
     */
    public function __construct(
        public float $onC,
        public float $offC,
        public Place $place,
        public float $ratedA,
        public bool $earthLead,
    ) {}
}
