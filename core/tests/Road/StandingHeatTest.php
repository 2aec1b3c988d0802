<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Road\Coolant;
use LampThread\Road\StandingHeat;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** How soon a vehicle that creeps in traffic gets too hot. */
final class StandingHeatTest extends TestCase
{
    /** Insulated, the whole heat warms the lumps: ΔT = P·t/C (energy is kept). */
    public function test_without_any_flow_the_engine_warms_by_its_heat_alone(): void
    {
        $heat = StandingHeat::of(Orchard::brief(['/cooling/ceilingC' => 108]), 92.0);
        $shut = $heat->heatsUp(5000.0, 0.0);

        self::assertNotNull($shut->overS);
        self::assertNotNull($shut->boilsS);
        $boilsC = Coolant::boilsC(100.0, 50.0);
        // About as far in each second; the metal is warm already, and the bay takes a little more the hotter it is.
        self::assertEqualsWithDelta(($boilsC - 92.0) / (108.0 - 92.0), $shut->boilsS / $shut->overS, 0.5);
    }

    public function test_less_air_is_never_later(): void
    {
        $heat = StandingHeat::of(Orchard::brief(['/heat' => ['ratedKw' => 140]]), 92.0);
        $before = 0.0;
        foreach ([0.0, 300.0, 600.0, 1200.0, 2400.0, 4800.0] as $fanM3h) {
            $overS = $heat->heatsUp($fanM3h)->overS ?? StandingHeat::MOST_S;
            self::assertGreaterThanOrEqual($before, $overS, "{$fanM3h} m³/h");
            $before = $overS;
        }
    }

    public function test_a_higher_cap_boils_later_and_a_blocked_core_sooner(): void
    {
        $boilsS = static fn (float $capKpa, float $coreShare): float => StandingHeat::of(
            Orchard::brief(['/heat' => ['ratedKw' => 140], '/cooling/capKpa' => $capKpa]), 92.0,
        )->heatsUp(0.0, 0.3, $coreShare)->boilsS ?? StandingHeat::MOST_S;

        self::assertGreaterThan($boilsS(50.0, 1.0), $boilsS(130.0, 1.0));
        self::assertLessThanOrEqual($boilsS(50.0, 1.0), $boilsS(50.0, 0.2));
    }

    public function test_the_answer_does_not_hang_on_what_was_asked_before(): void
    {
        $asked = StandingHeat::of(Orchard::brief(), 92.0);
        $asked->heatsUp(3000.0);

        self::assertEquals(StandingHeat::of(Orchard::brief(), 92.0)->heatsUp(0.0), $asked->heatsUp(0.0));
    }
}
