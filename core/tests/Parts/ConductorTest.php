<?php

declare(strict_types=1);

namespace LampThread\Tests\Parts;

use LampThread\Parts\CableCatalogue;
use LampThread\Parts\Copper;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

final class ConductorTest extends TestCase
{
    /** ASTM B258, against GNU units' own `wiregauge` (Debian package). */
    public function test_gauge_diameters_are_those_of_gnu_units(): void
    {
        foreach (range(0, 36) as $gauge) {
            $theirs = (float) shell_exec("units --terse 'wiregauge({$gauge})' mm");
            self::assertEqualsWithDelta($theirs, AmericanWireGauge::diameterMm($gauge), 2e-6 * $theirs, "AWG {$gauge}");
        }
    }

    public function test_the_awg_catalogue_has_the_areas_of_the_formula(): void
    {
        foreach (Orchard::shelf()->catalogue(CableCatalogue::Awg) as $conductor) {
            $gauge = (int) $conductor->designation;
            self::assertEqualsWithDelta(AmericanWireGauge::areaMm2($gauge), $conductor->areaMm2, 0.0001);
            $solid = 1000 * Copper::RESISTIVITY_OHM_MM2_PER_M / $conductor->areaMm2;
            self::assertEqualsWithDelta(1.02, $conductor->milliohmPerM / $solid, 0.001, 'the lay of the strands');
        }
    }

    /** ISO 6722-1, plain copper, mΩ/m at 20 °C, from memory. */
    public function test_metric_resistances_are_those_of_iso_6722(): void
    {
        $published = ['0.35' => 52.0, '0.5' => 37.1, '0.75' => 24.7, '1' => 18.5, '1.5' => 12.7, '2' => 9.42, '2.5' => 7.60,
            '3' => 6.15, '4' => 4.71, '6' => 3.14, '10' => 1.82, '16' => 1.16, '25' => 0.743, '35' => 0.527];
        $ours = [];
        foreach (Orchard::shelf()->catalogue(CableCatalogue::Metric) as $conductor) {
            $ours[(string) $conductor->areaMm2] = $conductor->milliohmPerM;
        }
        self::assertEquals($published, $ours);
    }

    /** SAE J1128 minimum areas, from memory: thinner than AWG of the same number. */
    public function test_sae_gauge_is_thinner_than_awg_of_the_same_number(): void
    {
        foreach (Orchard::shelf()->catalogue(CableCatalogue::Sae) as $conductor) {
            self::assertLessThan(AmericanWireGauge::areaMm2((int) $conductor->designation), $conductor->areaMm2);
        }
        self::assertSame(2.91, Orchard::shelf()->conductor('sae-12')?->areaMm2);
    }

    /** IEC 60028: α = 0.00393 /K at 20 °C. */
    public function test_copper_is_a_fifth_more_resistive_fifty_kelvin_up(): void
    {
        self::assertEqualsWithDelta(1.1965, Copper::factor(70), 1e-12);
        self::assertEqualsWithDelta(1 / 58, Copper::RESISTIVITY_OHM_MM2_PER_M, 1e-15);
    }
}
