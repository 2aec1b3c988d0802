<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Brief\Driveline;
use LampThread\Exchange\MadeDrive;
use LampThread\Message\InvalidInput;
use LampThread\Road\Drive;
use LampThread\Road\Vehicle;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** Drives made leg by leg on the screen. */
final class MadeDriveTest extends TestCase
{
    public function test_legs_follow_each_other_and_last_what_they_were_told(): void
    {
        $drive = self::drive([self::leg(10, 60), self::leg(5, 0), self::leg(8, 40, gradientPercent: 9)]);
        self::assertSame(23 * 60.0, $drive->lastS());
        $sorted = $drive->timesS;
        sort($sorted);
        self::assertSame($sorted, $drive->timesS);
        self::assertSame(count($drive->timesS), count(array_unique($drive->timesS)));
        foreach ([5 => [60.0, 0.0], 13 => [0.0, 0.0], 20 => [40.0, 9.0]] as $minute => [$speedKmh, $gradientPercent]) {
            $at = self::at($drive, 60.0 * $minute);
            self::assertEqualsWithDelta($speedKmh, $drive->speedsKmh[$at], 1e-9, "minute {$minute}");
            self::assertEqualsWithDelta($gradientPercent, $drive->gradientsPercent[$at], 1e-9, "minute {$minute}");
        }
    }

    /** By hand: from 90 km/h to standing at 1.2 m/s² takes 20.8 s. */
    public function test_nobody_stops_at_once(): void
    {
        $drive = self::drive([self::leg(2, 90), self::leg(2, 0)]);
        $slowing = array_values(array_filter($drive->timesS, static fn (float $timeS): bool => $timeS > 120.0));
        self::assertEqualsWithDelta(120 + 25.0 / 1.2, $slowing[0], 0.01);
    }

    public function test_a_leg_shorter_than_its_change_of_speed_still_ends_where_it_ends(): void
    {
        $drive = self::drive([self::leg(1, 130), self::leg(0.1, 0), self::leg(1, 130)]);
        self::assertEqualsWithDelta(126.0, $drive->lastS(), 1e-9);
    }

    public function test_the_engine_idles_standing_goes_by_the_gears_and_stops_with_the_key(): void
    {
        $driveline = new Driveline(4.1, [3.5, 2.0, 1.3, 1.0], 0.62);
        $drive = self::drive([self::leg(5, 0), self::leg(5, 80), self::leg(5, 0, keyOn: false)], $driveline);
        self::assertGreaterThan(500, $drive->enginesRpm[0]);
        $rpm = $drive->enginesRpm[self::at($drive, 500)];
        $inTop = 80 / $driveline->roadKmh(1.0, 1.0);
        self::assertEqualsWithDelta($inTop, $rpm, 1e-6, 'the highest gear that pulls');
        self::assertSame(0.0, $drive->enginesRpm[count($drive->enginesRpm) - 1]);
        self::assertFalse($drive->keysOn[count($drive->keysOn) - 1]);
        $told = self::drive([self::leg(5, 80, engineRpm: 4200)], $driveline);
        self::assertSame(4200.0, $told->enginesRpm[0]);
    }

    public function test_it_is_driven_like_any_other(): void
    {
        $result = Vehicle::of(Orchard::sizing())->drive(self::drive([self::leg(6, 30), self::leg(4, 0)]))->result;
        self::assertEqualsWithDelta(600.0, $result->lastedS, 1.0);
        self::assertGreaterThan(60, $result->peakC);
    }

    public function test_more_than_a_day_is_refused(): void
    {
        self::assertSame(86_400.0, self::drive(array_fill(0, 3, self::leg(480, 30)))->lastS());
        $this->expectException(InvalidInput::class);
        self::drive(array_fill(0, 4, self::leg(480, 30)));
    }

    /** @param  list<\stdClass>  $legs */
    private static function drive(array $legs, ?Driveline $driveline = null): Drive
    {
        return (new MadeDrive($driveline))->drive((object) ['name' => 'Ours', 'startsC' => 70, 'ambientC' => 25, 'trailerKg' => 0, 'legs' => $legs]);
    }

    private static function leg(float $minutes, float $speedKmh, float $gradientPercent = 0.0, ?float $engineRpm = null, bool $keyOn = true): \stdClass
    {
        return (object) [
            'minutes' => $minutes, 'speedKmh' => $speedKmh, 'gradientPercent' => $gradientPercent, 'engineRpm' => $engineRpm, 'airConditioning' => false, 'keyOn' => $keyOn,
        ];
    }

    private static function at(Drive $drive, float $timeS): int
    {
        $at = 0;
        while (isset($drive->timesS[$at + 1]) && $drive->timesS[$at + 1] <= $timeS) {
            $at++;
        }

        return $at;
    }
}
