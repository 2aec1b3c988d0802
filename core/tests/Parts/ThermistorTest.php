<?php

declare(strict_types=1);

namespace LampThread\Tests\Parts;

use LampThread\Parts\Thermistor;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ThermistorTest extends TestCase
{
    /** Steinhart-Hart: 1/T = A + B·ln R + C·(ln R)³; with C = 0, B = 1/β and A = 1/T25 − ln(R25)/β it is the Beta equation. */
    #[DataProvider('temperatures')]
    public function test_it_is_steinhart_hart_without_the_cubic_term(float $tempC): void
    {
        $ohm = Thermistor::usual()->ohm($tempC);
        $a = 1 / 298.15 - log(2000.0) / 3500.0;

        self::assertEqualsWithDelta($tempC + 273.15, 1 / ($a + log($ohm) / 3500.0), 1e-9);
    }

    /** A 10 kΩ, B25/85 3977 K thermistor is published as 1.07 kΩ at 85 °C (from memory). */
    public function test_a_published_curve(): void
    {
        self::assertEqualsWithDelta(1070.0, (new Thermistor(10000.0, 3977.0))->ohm(85.0), 5.0);
    }

    /** @return iterable<string, array{float}> */
    public static function temperatures(): iterable
    {
        foreach ([-30.0, 0.0, 25.0, 82.0, 96.0, 120.0] as $tempC) {
            yield "{$tempC} °C" => [$tempC];
        }
    }
}
