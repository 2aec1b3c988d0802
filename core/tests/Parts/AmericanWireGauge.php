<?php

declare(strict_types=1);

namespace LampThread\Tests\Parts;

/** Wire diameters of ASTM B258. */
final class AmericanWireGauge
{
    /**
     * @param  int  $gauge  AWG number; 0 for 1/0, −1 for 2/0 and so on
     * @return float diameter of the solid wire, mm: 0.127·92^((36 − n)/39)
     */
    public static function diameterMm(int $gauge): float
    {
        return 0.127 * 92 ** ((36 - $gauge) / 39);
    }

    /** @return float cross-section, mm² */
    public static function areaMm2(int $gauge): float
    {
        return M_PI / 4 * self::diameterMm($gauge) ** 2;
    }
}
