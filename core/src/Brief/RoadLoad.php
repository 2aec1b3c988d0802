<?php

declare(strict_types=1);

namespace LampThread\Brief;

/** What holds this vehicle back on the road. Usual values are those of a middling car: common practice, no source. */
final readonly class RoadLoad
{
    public const USUAL_MASS_KG = 1500.0;

    public const USUAL_FRONTAL_M2 = 2.2;

    public const USUAL_DRAG = 0.35;

    public const USUAL_ROLLING = 0.012;

    /**
     * @param  float  $massKg  laden as it is driven, without a trailer
     * @param  float  $frontalM2  area it turns to the wind
     * @param  float  $dragCoefficient  of the air
     * @param  float  $rollingCoefficient  rolling resistance over weight
     */
    public function __construct(
        public float $massKg = self::USUAL_MASS_KG,
        public float $frontalM2 = self::USUAL_FRONTAL_M2,
        public float $dragCoefficient = self::USUAL_DRAG,
        public float $rollingCoefficient = self::USUAL_ROLLING,
    ) {}
}
