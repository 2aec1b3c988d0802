<?php

declare(strict_types=1);

namespace LampThread\Parts;

/**
 * A resistance that falls as it warms (NTC), by the Beta equation R = R25·exp(B(1/T − 1/298.15 K)). The Steinhart-Hart equation
 * with its cubic term at zero is the same curve.
 */
final readonly class Thermistor
{
    private const KELVIN = 273.15;

    private const REFERENCE_K = 298.15;

    /**
     * @param  float  $at25Ohm  Ω at 25 °C, above 0
     * @param  float  $betaK  B, K, above 0
     */
    public function __construct(public float $at25Ohm, public float $betaK) {}

    /** The usual coolant sensor of an engine computer (common practice, no source). */
    public static function usual(): self
    {
        return new self(2000.0, 3500.0);
    }

    /** Ω at a temperature, °C. */
    public function ohm(float $tempC): float
    {
        return $this->at25Ohm * exp($this->betaK * (1 / ($tempC + self::KELVIN) - 1 / self::REFERENCE_K));
    }
}
