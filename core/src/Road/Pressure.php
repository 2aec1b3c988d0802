<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Cooling;

/** The closed system under its cap: where it boils, and how soon boiling empties it. */
final readonly class Pressure
{
    /** Once this share of the coolant is lost the pump draws steam, and nothing here holds any more (common practice, no source). */
    public const LOST_SHARE = 0.25;

    public function __construct(private float $capKpa, private float $glycolPercent, private float $coolantLitres) {}

    public static function of(Cooling $cooling): self
    {
        return new self($cooling->capKpa, $cooling->glycolPercent, $cooling->coolantLitres);
    }

    /** @return float °C */
    public function boilsC(float $altitudeM): float
    {
        return Coolant::boilsC($this->capKpa, $this->glycolPercent, $altitudeM);
    }

    /** Litres that so much heat has boiled away. */
    public function lostLitres(float $boiledJ): float
    {
        return $boiledJ / Coolant::LATENT_J_PER_KG / Coolant::densityKgL($this->glycolPercent);
    }

    public function isEmptied(float $lostLitres): bool
    {
        return $lostLitres >= self::LOST_SHARE * $this->coolantLitres;
    }
}
