<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** A fixed two-position temperature switch. */
final readonly class ThermalSwitch implements Decider
{
    /** What the usual screw-in switch may carry, A (common practice, no source). */
    public const USUAL_RATED_A = 6.0;

    /**
     * @param  bool  $earthLead  whether its body has a lead of its own to earth
     * @param  bool  $isDirect  whether it carries the fan itself, without a relay
     */
    public function __construct(
        public ThermalAction $action,
        public TemperatureBand $band,
        public float $ratedA,
        public bool $earthLead,
        public bool $isDirect,
    ) {}

    public function band(): TemperatureBand
    {
        return $this->band;
    }

    public function ratedA(): float
    {
        return $this->ratedA;
    }
}
