<?php

declare(strict_types=1);

namespace LampThread\Tests\Sizing;

use LampThread\Sizing\Ampacity;
use LampThread\Tests\Orchard;
use LampThread\Tests\Parts\AmericanWireGauge;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AmpacityTest extends TestCase
{
    private Ampacity $ampacity;

    protected function setUp(): void
    {
        $this->ampacity = new Ampacity(Orchard::shelf()->ampacityRows);
    }

    /** 33 CFR 183.425 Table 5, 105 °C insulation, 30 °C ambient, from memory. */
    #[TestWith([18, 20.0])]
    #[TestWith([16, 25.0])]
    #[TestWith([14, 35.0])]
    #[TestWith([12, 45.0])]
    #[TestWith([10, 60.0])]
    #[TestWith([8, 80.0])]
    #[TestWith([6, 120.0])]
    #[TestWith([4, 160.0])]
    #[TestWith([2, 210.0])]
    #[TestWith([0, 285.0])]
    public function test_the_table_is_met_at_its_rows(int $gauge, float $currentA): void
    {
        self::assertEqualsWithDelta($currentA, $this->ampacity->at(AmericanWireGauge::areaMm2($gauge), 30, 105), 0.01);
    }

    /** Engine-space factors of 33 CFR 183.425 at 50 °C, from memory, met by the NEC 310.15(B) correction. */
    #[TestWith([60.0, 0.58])]
    #[TestWith([75.0, 0.75])]
    #[TestWith([80.0, 0.78])]
    #[TestWith([90.0, 0.82])]
    #[TestWith([105.0, 0.85])]
    #[TestWith([125.0, 0.89])]
    public function test_engine_space_factors(float $insulationC, float $factor): void
    {
        self::assertEqualsWithDelta($factor, Ampacity::ambientFactor(50, $insulationC), 0.007);
    }

    public function test_at_its_ampacity_copper_is_as_hot_as_its_insulation_may_be(): void
    {
        self::assertEqualsWithDelta(105.0, Ampacity::conductorC(60, 105, 32, 32), 1e-12);
        self::assertEqualsWithDelta(60.0, Ampacity::conductorC(60, 105, 0, 32), 1e-12);
        self::assertEqualsWithDelta(71.25, Ampacity::conductorC(60, 105, 16, 32), 1e-12);
    }

    public function test_nothing_may_be_carried_where_it_is_as_hot_as_the_insulation(): void
    {
        self::assertSame(0.0, $this->ampacity->at(2.5, 85, 85));
        self::assertSame(0.0, $this->ampacity->at(2.5, 120, 105));
    }

    public function test_between_rows_it_lies_between_them_and_grows(): void
    {
        $last = 0.0;
        foreach ([0.35, 0.5, 1, 1.5, 2.5, 4, 6, 10, 25, 50, 70] as $areaMm2) {
            $now = $this->ampacity->at($areaMm2, 30, 105);
            self::assertGreaterThan($last, $now);
            $last = $now;
        }
        self::assertGreaterThan(35.0, $this->ampacity->at(2.5, 30, 105));
        self::assertLessThan(45.0, $this->ampacity->at(2.5, 30, 105));
    }
}
