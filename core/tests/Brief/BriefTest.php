<?php

declare(strict_types=1);

namespace LampThread\Tests\Brief;

use LampThread\Brief\CoilFeed;
use LampThread\Brief\Driveline;
use LampThread\Brief\Fit;
use LampThread\Brief\Place;
use LampThread\Brief\RelayPlace;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Circuit\Control\CircuitBuilder;
use LampThread\Circuit\Selection;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a brief takes for granted until it is told. */
final class BriefTest extends TestCase
{
    public function test_a_start_current_that_is_not_known_is_three_times_the_running_one(): void
    {
        $fan = Orchard::brief(['/fans/0/startA' => null])->fan('fan-1');

        self::assertEqualsWithDelta(46.5, $fan->startA, 1e-9);
    }

    public function test_a_start_current_that_is_measured_is_kept(): void
    {
        self::assertSame(46.0, Orchard::brief()->fan('fan-1')->startA);
    }

    public function test_a_stretch_that_is_not_measured_has_its_usual_length_and_place(): void
    {
        $brief = Orchard::brief(['/runs/relay-to-fan' => null]);
        $run = $brief->segment(Stretch::RelayToFan);

        self::assertSame(Stretch::RelayToFan->usual(0.0, RelayPlace::Bay)->lengthM, $run->lengthM);
        self::assertSame(Zone::Radiator, $run->zone);
        self::assertSame(85.0, $run->ambientC);
    }

    public function test_a_stretch_may_be_told_in_part(): void
    {
        $brief = Orchard::brief(['/runs/dash' => ['zone' => 'cabin']]);
        $run = $brief->segment(Stretch::Dash);

        self::assertSame(Stretch::Dash->usual(0.0, RelayPlace::Bay)->lengthM, $run->lengthM);
        self::assertSame(40.0, $run->ambientC, 'the zone brings its ambient');
    }

    public function test_a_measured_ambient_comes_before_the_zones(): void
    {
        $brief = Orchard::brief(['/runs/dash' => ['zone' => 'bay', 'ambientC' => 72]]);

        self::assertSame(72.0, $brief->segment(Stretch::Dash)->ambientC);
    }

    public function test_a_switch_and_an_override_carry_the_usual_until_told(): void
    {
        $file = Orchard::file();
        unset($file['control']['stages'][0]['decider']['ratedA']);
        $brief = Orchard::brief([
            '/control/stages' => $file['control']['stages'],
            '/control/overrides' => [['kind' => 'force-on']],
        ]);
        $circuit = CircuitBuilder::build($brief, Selection::generous($brief, Orchard::shelf()));

        self::assertSame(6.0, $circuit->components['stage-1-switch']->rating()?->limit);
        self::assertSame(10.0, $circuit->components['override']->rating()?->limit);
    }

    #[TestWith([Place::TopHose, true, 0.0])]
    #[TestWith([Place::BottomHose, true, 7.0])]
    #[TestWith([Place::CoreOutlet, false, 7.0])]
    #[TestWith([Place::CoreInlet, false, 0.0])]
    #[TestWith([Place::EngineOutlet, false, 0.0])]
    #[TestWith([Place::RadiatorInlet, false, 0.0])]
    public function test_what_a_place_means(Place $place, bool $isInHose, float $dropK): void
    {
        self::assertSame($isInHose, $place->isInHose());
        self::assertSame($dropK, $place->dropAcrossCoreK());
    }

    /** DIN 72552. */
    #[TestWith([CoilFeed::Ignition, '15'])]
    #[TestWith([CoilFeed::Accessory, '75'])]
    #[TestWith([CoilFeed::Battery, '30'])]
    public function test_feeds_are_called_by_their_terminal_numbers(CoilFeed $feed, string $terminal): void
    {
        self::assertSame($terminal, $feed->terminal());
    }

    public function test_the_battery_feed_is_short_before_its_fuse_unless_told(): void
    {
        self::assertLessThanOrEqual(0.2, Stretch::BatteryToFuse->usual(0.0, RelayPlace::Bay)->lengthM);
        self::assertLessThanOrEqual(0.2, Stretch::FeedToFuse->usual(0.0, RelayPlace::Bay)->lengthM);
    }

    /** Worked figures: 2000 rpm, axle 4.11, 0.66 m tyre. "Highway" in direct top, a crawl at gear 3.5. */
    #[TestWith([1.0, 60.5])]
    #[TestWith([3.5, 17.3])]
    public function test_engine_speed_is_not_road_speed(float $gearRatio, float $roadKmh): void
    {
        $driveline = new Driveline(4.11, [3.5, 2.1, 1.4, 1.0], 0.66);

        self::assertEqualsWithDelta($roadKmh, $driveline->roadKmh(2000, $gearRatio), 0.05);
    }

    public function test_a_core_is_covered_by_its_shroud_or_by_the_discs_of_its_fans(): void
    {
        $fan = Orchard::brief(['/fans/0/diameterMm' => 400])->fan('fan-1');
        $bare = new Fit(500, 500, 0, false);

        self::assertEqualsWithDelta(M_PI / 4 * 0.64, $bare->coveredShare([$fan]), 1e-9);
        self::assertSame(1.0, $bare->coveredShare([$fan, $fan]));
        self::assertSame(0.9, (new Fit(500, 500, 90, true))->coveredShare([$fan]));
        $before = Orchard::brief(['/fans/0/diameterMm' => 400, '/fans/0/mount' => 'pusher'])->fan('fan-1');
        self::assertEqualsWithDelta(M_PI / 4 * 0.64, $bare->coveredShare([$fan, $before]), 1e-9, 'one behind the other they cover once');
        self::assertEqualsWithDelta(0.72, (new Fit(500, 500, 0, false, unitWidthMm: 450, unitHeightMm: 400))->coveredShare([$fan]), 1e-9, 'a frame covers what lies under it');
    }
}
