<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\Fan;

/**
 * What a fan can push at what flow: Δp = p0·(s² − (Q/Q0)²), s being its speed over rated; and where that meets the resistance of
 * core, grille and bay, Δp = R·u². A standing fan is a resistance by the same equation. By the fan laws p0 goes with (Q0/d²)².
 */
final readonly class FanCurve
{
    /** Pressure with nothing flowing over (free flow / diameter²)², Pa·s²/m² (common practice, no source: 130 Pa of 1900 m³/h through 305 mm). */
    private const PRESSURE = 4.0;

    private const STANDARD_DENSITY_KG_M3 = 1.2;

    private float $dynamicPa;

    /** The fan as a resistance to the air through its own part of the face, Pa·s²/m². */
    private float $resistance;

    /**
     * @param  float  $freeM3s  free flow at rated speed
     * @param  float  $shutPa  pressure with nothing flowing, at rated speed
     * @param  float  $areaM2  part of the core's face it draws through
     * @param  float  $airShare  of its flow it moves as it is mounted; below 0 the wrong way
     */
    public function __construct(public float $freeM3s, public float $shutPa, public float $areaM2, public float $airShare = 1.0)
    {
        $this->resistance = $shutPa * ($areaM2 / $freeM3s) ** 2;
        $this->dynamicPa = $shutPa * $airShare * abs($airShare);
    }

    public static function of(Fan $fan, float $areaM2, float $flowFactor = 1.0): self
    {
        $freeM3s = $flowFactor * max(1.0, $fan->flowM3h) / 3600;

        return new self($freeM3s, self::shutPa($freeM3s, $fan->diameterMm), $areaM2, $fan->airShare());
    }

    /** Usual pressure with nothing flowing of a fan of this size that moves so much free, Pa. */
    public static function shutPa(float $freeM3s, float $diameterMm): float
    {
        return self::PRESSURE * ($freeM3s / ($diameterMm / 1000) ** 2) ** 2;
    }

    /**
     * Speed of the air through its part of the face, m/s; below 0 the wrong way.
     *
     * @param  float  $speedShare  its speed over rated
     * @param  float  $systemResistance  of core, grille and bay, Pa·s²/m², at standard density
     * @param  float  $ramMs  speed the road alone would drive through an open face, m/s
     * @param  float  $morePa  what another fan in the same air adds, Pa
     * @param  float  $moreResistance  and what that resists, Pa·s²/m²
     */
    public function airMs(float $speedShare, float $systemResistance, float $ramMs, float $morePa = 0.0, float $moreResistance = 0.0): float
    {
        $drivingPa = $systemResistance * $ramMs ** 2 + $this->dynamicPa * $speedShare * abs($speedShare) + $morePa;
        $airMs = sqrt(abs($drivingPa) / ($systemResistance + $this->resistance + $moreResistance));

        return $drivingPa < 0 ? -$airMs : $airMs;
    }

    /** What the road's wind has to push through for each (m/s)², where it keeps so much of its pressure, Pa·s²/m². */
    public static function systemResistance(float $airShare, float $recovered): float
    {
        return 0.5 * self::STANDARD_DENSITY_KG_M3 * $recovered / $airShare ** 2;
    }
}
