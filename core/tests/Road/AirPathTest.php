<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Brief\Brief;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Road\AirPath;
use LampThread\Road\CoreAir;
use LampThread\Road\FanCurve;
use LampThread\Road\HeatModel;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** Air through the core: fan curve, system curve and the wind of the road. */
final class AirPathTest extends TestCase
{
    /**
     * Worked as in texts on fans (from memory): a fan of 200 Pa shut and 2 m³/s free, Δp = 200 − 50 Q², on a duct of Δp = 150 Q² runs at 1 m³/s and
     * 150 Pa; by the fan laws at half speed at 0.5 m³/s.
     */
    public function test_fan_curve_meets_system_curve(): void
    {
        $fan = new FanCurve(2.0, 200.0, 1.0);

        self::assertEqualsWithDelta(1.0, $fan->airMs(1.0, 150.0, 0.0), 1e-9);
        self::assertEqualsWithDelta(0.5, $fan->airMs(0.5, 150.0, 0.0), 1e-9);
    }

    public function test_the_road_helps_a_fan_and_a_standing_fan_holds_the_road_back(): void
    {
        $fan = new FanCurve(0.5, 130.0, 0.2);

        self::assertGreaterThan($fan->airMs(1.0, 7.5, 0.0), $fan->airMs(1.0, 7.5, 2.0));
        self::assertLessThan(2.0, $fan->airMs(0.0, 7.5, 2.0));
        self::assertGreaterThan(0.5 * 2.0, $fan->airMs(0.0, 7.5, 2.0));
        self::assertLessThan(8.0, $fan->airMs(1.0, 7.5, 8.0), 'faster than its own free flow the wind drives it');
    }

    /** Common practice, no source: turned the wrong way a fan moves 30 to 40 % of its flow, and at speed it brakes the ram air. */
    public function test_a_fan_the_wrong_way_moves_little_and_brakes_the_ram_air(): void
    {
        $air = static fn (array $changes, float $share, float $kmh): CoreAir => self::through(Orchard::brief($changes), [$share], $kmh);
        $wrong = ['/fans/0/polarityReversed' => true, '/fit/shroudPercent' => 100];
        $right = ['/fit/shroudPercent' => 100];

        self::assertEqualsWithDelta(0.35, $air($wrong, 1.0, 0)->airMs / $air($right, 1.0, 0)->airMs, 0.05);
        self::assertLessThan($air($wrong, 0.0, 60)->airMs, $air($wrong, 1.0, 60)->airMs);
        self::assertGreaterThan(0.0, $air($wrong, 1.0, 0)->fromBayWPerK, 'it draws out of the bay');
    }

    /** What a fault does to a fan is what the same mistake told of it does: the proof and the road take one figure. */
    public function test_leads_exchanged_by_a_fault_move_what_leads_told_exchanged_do(): void
    {
        $circuit = Orchard::sizing()->circuit;
        $solver = new Solver($circuit);
        $hot = new OperatingConditions(Key::Run, 850, 110);
        $share = static function (OperatingPoint $point): float {
            $motor = $point->circuit->each(FanMotor::class)[0];

            return $motor->flowShare($point->position($motor->id), $point->voltages, $point->conditions->faults);
        };
        $right = $solver->settle($hot);
        $wrong = $solver->settle($hot->withFaults($circuit->broken(['fan-1' => FaultKind::LeadsExchanged])));

        self::assertEqualsWithDelta(-Orchard::brief(['/fans/0/polarityReversed' => true])->fans[0]->airShare(), $share($wrong) / $share($right), 1e-6);
    }

    /** A puller in front must have its blade flipped and its leads exchanged; either alone leaves it poor, neither blows it against the road. */
    public function test_mounting_decides_which_way_and_how_well_it_blows(): void
    {
        $share = static fn (bool $turned, bool $flipped, bool $exchanged): float => Orchard::brief([
            '/fans/0/madeFor' => $turned ? 'pusher' : 'puller', '/fans/0/bladeFlipped' => $flipped, '/fans/0/polarityReversed' => $exchanged,
        ])->fans[0]->airShare();

        self::assertSame(1.0, $share(false, false, false));
        self::assertSame(1.0, $share(true, true, true));
        self::assertSame([0.35, 0.35], [$share(false, true, false), $share(true, false, true)]);
        self::assertLessThan(0.0, max($share(false, false, true), $share(true, false, false), $share(true, true, false), $share(false, true, true)));
    }

    public function test_air_grows_with_speed_fans_shroud_and_flaps(): void
    {
        $takes = static fn (float $share, float $kmh, array $changes = []): float => self::through(Orchard::brief($changes), [$share], $kmh)->takesWPerK;

        self::assertGreaterThan(0.0, $takes(0, 0));
        self::assertGreaterThan(3 * $takes(0, 0), $takes(1, 0));
        self::assertGreaterThan($takes(0, 60), $takes(0, 120));
        self::assertGreaterThan($takes(0, 30), $takes(1, 30));
        self::assertLessThan(1.15, $takes(1, 160) / $takes(0, 160), 'at speed a fan adds next to nothing');
        self::assertLessThan($takes(1, 0), $takes(1, 0, ['/fit/shroudPercent' => 0]));
        self::assertGreaterThan($takes(0, 100), $takes(0, 100, ['/fit/flaps' => true]));
    }

    public function test_without_air_the_compressor_stops_and_what_it_gives_goes_with_it(): void
    {
        $brief = Orchard::brief(['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'separate-relay']]);
        $standing = self::through($brief, [0.0], 0, true);
        $blown = self::through($brief, [1.0], 0, true);

        self::assertSame(1.0, $blown->compressorShare);
        self::assertLessThan(0.6, $standing->compressorShare);
        self::assertLessThanOrEqual(75.5, $standing->airC, 'the pressure switch opens there');
        self::assertEqualsWithDelta($standing->condenserW / $blown->condenserW, $standing->compressorShare, 1e-9);
        self::assertNull(self::through(Orchard::brief(), [1.0], 0, true)->compressorShare, 'a vehicle without one');
    }

    /** Published behaviour of whole cores: heat goes with about the 0.4th to 0.5th power of the air (common practice, no source). */
    public function test_conductance_follows_the_air_as_a_whole_core_does(): void
    {
        $model = HeatModel::of(Orchard::brief(['/fit/flaps' => true]));
        $path = new AirPath($model);
        $conductance = static fn (float $kmh): float => $path->through(1e9, [0.0], null, $kmh, 20, 20, 0, false)->takesWPerK;
        $exponent = log($conductance(200) / $conductance(100)) / log(2);

        self::assertGreaterThan(0.4, $exponent);
        self::assertLessThan(0.7, $exponent, 'the air itself grows too');
    }

    /** @param  list<float>  $shares */
    private static function through(Brief $brief, array $shares, float $kmh, bool $airConditioning = false): CoreAir
    {
        return (new AirPath(HeatModel::of($brief)))->through(2000, $shares, null, $kmh, 25, 40, 0, $airConditioning);
    }
}
