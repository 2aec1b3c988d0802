<?php

declare(strict_types=1);

namespace LampThread\Tests\Brief;

use LampThread\Brief\BatteryPlace;
use LampThread\Brief\PlanPlace;
use LampThread\Brief\VehiclePlan;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Lengths that come of where things sit. */
final class VehiclePlanTest extends TestCase
{
    public function test_a_battery_in_the_boot_is_metres_away_along_the_edge(): void
    {
        $plan = VehiclePlan::of('front-engine');
        $boot = $plan->withPlace(PlanPlace::Battery, 'boot');

        // By hand: 3.7 m along less 0.8 m, out to the edge 0.15 m in from both, 0.3 m of rise, a tenth more.
        self::assertEqualsWithDelta(1.1 * (2.9 + (0.85 - 0.15) + (0.35 - 0.15) + 0.3), $boot->lengthsM()['fuse-to-relay'], 0.06);
        self::assertSame(BatteryPlace::Boot, $boot->batteryPlace());
        self::assertSame(BatteryPlace::Bay, $plan->batteryPlace());
        self::assertSame($plan->lengthsM()['relay-to-fan'], $boot->lengthsM()['relay-to-fan']);
    }

    #[TestWith(['front-engine'])]
    #[TestWith(['rear-engine'])]
    #[TestWith(['machine'])]
    public function test_every_way_stays_within_the_vehicle_and_goes_square(string $shape): void
    {
        $plan = VehiclePlan::of($shape);
        foreach (PlanPlace::cases() as $place) {
            foreach (array_keys($plan->zones) as $zone) {
                foreach ($plan->withPlace($place, $zone)->routes() as $stretch => $corners) {
                    foreach ($corners as $at => [$x, $y]) {
                        self::assertTrue($x >= 0 && $x <= $plan->lengthM && $y >= 0 && $y <= $plan->widthM, "{$shape}, {$stretch}");
                        $before = $corners[max(0, $at - 1)];
                        self::assertTrue($before[0] === $x || $before[1] === $y, "{$shape}, {$stretch}: square");
                    }
                }
            }
        }
        foreach ($plan->lengthsM() as $lengthM) {
            self::assertGreaterThanOrEqual(0.3, $lengthM);
            self::assertLessThan(8.0, $lengthM);
        }
    }
}
