<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What makes heat in this vehicle and what carries it off. Each figure can be fitted to a measured drive. Usual values: common practice, no source. */
final readonly class Heat
{
    public const USUAL_RATED_KW = 80.0;

    public const USUAL_HEAT_SHARE = 0.8;

    /** Conductance of a square metre of core face at 4 m/s, W/(K·m²). */
    private const USUAL_CORE_W_PER_K_M2 = 6500.0;

    public const USUAL_AIR_SHARE = 0.2;

    public const USUAL_ENGINE_KG = 110.0;

    /**
     * @param  float  $ratedKw  engine's rated power, kW
     * @param  float  $heatShare  heat into the coolant over power at the crank, at rated power
     * @param  float|null  $coreWPerK  conductance of the core with air at 4 m/s, W/K; null takes it from its face
     * @param  float  $airShare  speed of the air through the core over road speed, fans standing
     * @param  float  $engineKg  metal that warms with the coolant, kg
     * @param  array<string, float>  $spreads  figure fitted to a log to its standard deviation over it
     * @param  bool  $isTold  whether anybody has told the engine's power: nothing of a usual one is held against a job
     */
    public function __construct(
        public float $ratedKw = self::USUAL_RATED_KW,
        public float $heatShare = self::USUAL_HEAT_SHARE,
        public ?float $coreWPerK = null,
        public float $airShare = self::USUAL_AIR_SHARE,
        public float $engineKg = self::USUAL_ENGINE_KG,
        public array $spreads = [],
        public bool $isTold = false,
    ) {}

    public function withHeatShare(float $heatShare): self
    {
        return new self(...[...get_object_vars($this), 'heatShare' => $heatShare]);
    }

    public function coreWPerK(Fit $fit): float
    {
        return $this->coreWPerK ?? self::USUAL_CORE_W_PER_K_M2 * $fit->coreWidthMm * $fit->coreHeightMm / 1e6;
    }
}
