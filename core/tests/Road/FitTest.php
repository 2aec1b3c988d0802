<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Brief\EngineFan;
use LampThread\Brief\EngineFanDrive;
use LampThread\Brief\Mount;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Rule\CoreCover;
use LampThread\Proof\Rule\FanClearance;
use LampThread\Road\CandidateFans;
use LampThread\Road\CoreLayout;
use LampThread\Road\Drives;
use LampThread\Road\EngineFanAir;
use LampThread\Road\Vehicle;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** How fans lie on a core, what others in their place would do, and what the engine's own fan moves and takes. */
final class FitTest extends TestCase
{
    private const FIT = ['coreWidthMm' => 660, 'coreHeightMm' => 420, 'shroudPercent' => 0, 'flaps' => false];

    public function test_two_fans_stand_beside_each_other_with_what_is_left_told(): void
    {
        $brief = Orchard::brief([...Combination::changes(Combination::deciders()['hand'], Combination::loads()['two, a relay each']), '/fit' => self::FIT]);
        [$layout] = CoreLayout::all($brief);

        // By hand: shares of 330 mm, holes of 305 + 2 · 5 mm.
        self::assertSame([165.0, 495.0], array_column($layout->holes, 'xMm'));
        self::assertSame([7.5, 7.5], array_column($layout->holes, 'besideMm'));
        self::assertSame([52.5, 52.5], array_column($layout->holes, 'aboveMm'));
        self::assertEqualsWithDelta(2 * M_PI / 4 * 305 ** 2 / (660 * 420), $layout->discShare(), 1e-9);
    }

    /** Where a fan's rim seats on the shroud its hole is narrower than the fan, 25 mm being usual. Common practice, no source. */
    public function test_a_hole_may_be_narrower_than_its_fan(): void
    {
        [$layout] = CoreLayout::all(Orchard::brief(['/fans/0/diameterMm' => 305, '/fit' => [...self::FIT, 'rimMm' => 25]]));

        self::assertSame([280.0], array_column($layout->holes, 'holeMm'));
    }

    /** Two fans of 350 mm do not stand beside each other on 660 mm; the frame they are sold in, up to a twentieth wider than the core, does. */
    public function test_a_pair_sold_as_one_is_as_wide_as_its_frame(): void
    {
        $pair = [...Combination::changes(Combination::deciders()['hand'], Combination::loads()['two, a relay each']), '/fans/0/diameterMm' => 350, '/fans/1/diameterMm' => 350];
        $codes = static fn (array $frame): array => array_map(
            static fn (Finding $finding): string => $finding->code, (new CoreCover)->judge(Orchard::sizing([...$pair, '/fit' => [...self::FIT, ...$frame]])),
        );

        self::assertContains('fans-wider-than-core', $codes([]));
        self::assertNotContains('fans-wider-than-core', $codes(['unitWidthMm' => 693, 'unitHeightMm' => 400]), 'a twentieth over, on the tanks');
        self::assertContains('fans-wider-than-core', $codes(['unitWidthMm' => 694, 'unitHeightMm' => 400]));
    }

    public function test_a_pusher_lies_on_the_condenser(): void
    {
        $brief = Orchard::brief(['/fans/0/mount' => 'pusher', '/fit' => [...self::FIT, 'condenserWidthMm' => 500, 'condenserHeightMm' => 360]]);
        [$layout] = CoreLayout::all($brief);

        self::assertSame([Mount::Pusher, 500.0, 360.0], [$layout->mount, $layout->widthMm, $layout->heightMm]);
    }

    public function test_the_gap_is_what_room_bolts_and_moving_leave(): void
    {
        $gap = static fn (array $changes): float => Orchard::brief(['/fit' => self::FIT, ...$changes])->gapMm(Orchard::brief($changes)->fans[0]);
        $plain = $gap([]);
        self::assertSame($plain - 4, $gap(['/fit' => [...self::FIT, 'boltHeadsMm' => 4]]));
        self::assertSame($plain + 12, $gap(['/fit' => [...self::FIT, 'movedMm' => 12]]));
        self::assertSame(200 - Orchard::brief()->fans[0]->depthMm, $gap(['/fans/0/roomMm' => 200]));
        self::assertSame($plain - 25, $gap(['/fit' => [...self::FIT, 'shroudDepthMm' => 25]]), 'a shroud holds it off the core');
        self::assertSame($plain, $gap(['/fit' => [...self::FIT, 'shroudDepthMm' => 25], '/fans/0/mount' => 'pusher']));
    }

    /** 95 mm of fan, 40 mm off the core, in 102 mm of room: 33 mm too much; 36 mm forward it goes in with the least gap, 39 mm better. */
    public function test_by_how_much_the_radiator_is_moved(): void
    {
        $deep = ['/fit' => [...self::FIT, 'shroudDepthMm' => 40], '/fans/0/depthMm' => 95, '/fans/0/roomMm' => 102];
        $finding = (new FanClearance)->judge(Orchard::sizing($deep))[0];

        self::assertSame('fan-does-not-fit', $finding->code);
        self::assertSame([-33.0, 36.0, 39.0], array_map(static fn (Figure $figure): float => $figure->value->value, array_slice($finding->figures, 2)));
        self::assertSame([], (new FanClearance)->judge(Orchard::sizing([...$deep, ...$finding->remedies[0]->changes])));
    }

    public function test_a_candidate_is_judged_in_the_first_fans_place(): void
    {
        $fan = Orchard::file()['fans'][0];
        $figures = array_intersect_key($fan, array_flip(['name', 'diameterMm', 'depthMm', 'ratedV', 'runA', 'startA', 'flowM3h']));
        [$now, $same, $strong] = CandidateFans::of(Orchard::brief(['/candidates' => [
            $figures, [...$figures, 'flowM3h' => 1.5 * $fan['flowM3h'], 'runA' => 20, 'startA' => 60, 'noiseDb' => 72, 'price' => 90],
        ]]));

        self::assertEqualsWithDelta($now['airM3h'], $same['airM3h'], 1e-6);
        self::assertGreaterThan(1.3 * $now['airM3h'], $strong['airM3h']);
        self::assertGreaterThan($now['takesKw'], $strong['takesKw']);
        self::assertEqualsWithDelta(20.0, $strong['runA'], 2.0);
        self::assertSame([72.0, 90.0], [$strong['noiseDb'], $strong['price']]);
    }

    /** The fan laws: standard texts on fans. */
    public function test_the_engines_fan_follows_the_fan_laws(): void
    {
        $fan = new EngineFanAir(new EngineFan(EngineFanDrive::Fixed, false, 430));
        self::assertEqualsWithDelta(2 * $fan->airM3h(1500, 90), $fan->airM3h(3000, 90), 1e-6);
        self::assertEqualsWithDelta(8 * $fan->powerW(1500, 90), $fan->powerW(3000, 90), 1e-6);
        $large = new EngineFanAir(new EngineFan(EngineFanDrive::Fixed, false, 860));
        self::assertEqualsWithDelta(32 * $fan->powerW(2000, 90), $large->powerW(2000, 90), 1e-6);

        $viscous = new EngineFanAir(new EngineFan(EngineFanDrive::Viscous, false, 430));
        self::assertLessThan(0.5 * $viscous->airM3h(2000, 100), $viscous->airM3h(2000, 70));
        self::assertSame($viscous->rpm(6000, 100), $viscous->rpm(4000, 100));
    }

    public function test_kept_it_cools_in_traffic_and_removed_it_does_not(): void
    {
        $peakC = static fn (?array $engineFan): float => Vehicle::of(Orchard::sizing(['/engineFan' => $engineFan, '/fans/0/flowM3h' => 900]))
            ->drive(Drives::standard()['3-queue'])->result->peakC;
        $fan = ['drive' => 'fixed', 'isRemoved' => false, 'diameterMm' => 430];
        self::assertLessThan($peakC(null), $peakC($fan));
        self::assertSame($peakC(null), $peakC([...$fan, 'isRemoved' => true]));
    }
}
