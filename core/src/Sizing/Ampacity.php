<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Circuit\Wire;
use LampThread\Parts\Conductor;

/**
 * Continuous current a single copper wire may carry.
 *
 * Base: 33 CFR 183.425 Table 5, 105 °C insulation at 30 °C ambient, log-log on area between its rows and along the end
 * segments beyond them. Ambient: √((Tr − Ta)/(Tr − 30)), NEC 310.15(B). Another insulation has √((Tr − 30)/(105 − 30)) of the
 * base, by the same law: heating goes with the square of the current.
 */
final readonly class Ampacity
{
    private const BASE_INSULATION_C = 105.0;

    private const BASE_AMBIENT_C = 30.0;

    /** @param  list<array{float, float}>  $rows  area in mm² and current in A, small to large */
    public function __construct(private array $rows) {}

    /**
     * @param  float  $areaMm2  above 0
     * @param  float  $ambientC  °C; at or above the insulation's rating nothing may be carried
     * @param  float  $insulationC  continuous rating, °C
     * @param  int  $bundle  wires that carry current and lie together, itself included
     * @return float A
     */
    public function at(float $areaMm2, float $ambientC, float $insulationC, int $bundle = 1): float
    {
        return $this->base($areaMm2)
            * self::bundleFactor($bundle)
            * sqrt(($insulationC - self::BASE_AMBIENT_C) / (self::BASE_INSULATION_C - self::BASE_AMBIENT_C))
            * self::ambientFactor($ambientC, $insulationC);
    }

    /** Correction for ambient, 1 at 30 °C (NEC 310.15(B)). */
    public static function ambientFactor(float $ambientC, float $insulationC): float
    {
        return sqrt(max(0.0, $insulationC - $ambientC) / ($insulationC - self::BASE_AMBIENT_C));
    }

    /** Correction for wires that lie together (33 CFR 183.425 Table 5, note, from memory). */
    public static function bundleFactor(int $bundle): float
    {
        return match (true) {
            $bundle <= 3 => 1.0,
            $bundle <= 6 => 0.7,
            $bundle <= 24 => 0.6,
            default => 0.5,
        };
    }

    /** What a wire carries where it lies, A; one that was there already by what it is. */
    public function ofWire(Wire $wire, Conductor $conductor, float $insulationC): float
    {
        return $this->at(($wire->segment->given ?? $conductor)->areaMm2, $wire->segment->ambientC, $insulationC, $wire->segment->bundle);
    }

    /** Copper temperature at a steady current, °C: Ta + (Tr − Ta)·(I/Iz)². */
    public static function conductorC(float $ambientC, float $insulationC, float $currentA, float $ampacityA): float
    {
        return $ambientC + ($insulationC - $ambientC) * ($currentA / $ampacityA) ** 2;
    }

    private function base(float $areaMm2): float
    {
        $last = count($this->rows) - 1;
        $at = 1;
        while ($at < $last && $this->rows[$at][0] < $areaMm2) {
            $at++;
        }
        [$thinMm2, $thinA] = $this->rows[$at - 1];
        [$thickMm2, $thickA] = $this->rows[$at];

        return $thinA * ($areaMm2 / $thinMm2) ** (log($thickA / $thinA) / log($thickMm2 / $thinMm2));
    }
}
