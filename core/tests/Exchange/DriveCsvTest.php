<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Brief\Driveline;
use LampThread\Exchange\DriveCsv;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Road\Drives;
use LampThread\Road\Vehicle;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Drives and logs to and from files. */
final class DriveCsvTest extends TestCase
{
    public function test_every_drive_that_ships_comes_back_as_it_went(): void
    {
        $vehicle = Vehicle::of(Orchard::sizing());
        foreach (Drives::standard() as $drive) {
            [$back, $measured] = (new DriveCsv(null))->read(DriveCsv::write($drive), 'Back');
            $back = $back->at(null, $drive->startsC);
            self::assertEqualsWithDelta($vehicle->drive($drive)->result->peakC, $vehicle->drive($back)->result->peakC, 0.01, $drive->id);
            self::assertSame($drive->lastS(), $back->lastS());
            self::assertSame([], $measured);
        }
    }

    public function test_the_mark_of_utf_8_is_no_part_of_the_first_column(): void
    {
        self::assertSame(1.0, (new DriveCsv(null))->read("\xEF\xBB\xBFtime_s,speed_kmh,engine_rpm\n0,0,800\n1,0,800", 'x')[0]->lastS());
    }

    /** 60.5 km/h at 2000 rpm in direct top, axle 4.11, tyre 0.66 m: so 60.5 km/h are 2000 rpm. */
    public function test_gears_become_engine_speed_by_the_driveline(): void
    {
        $csv = "time_s;speed_kmh;gear;coolant_c\n0;60,5;2;80\n10;60,5;2;81\n20;0;0;82";
        [$drive, $measured] = (new DriveCsv(new Driveline(4.11, [3.5, 1.0], 0.66)))->read($csv, 'Log');

        self::assertEqualsWithDelta(2000, $drive->enginesRpm[0], 5);
        self::assertSame(850.0, $drive->enginesRpm[2]);
        self::assertSame([80.0, 81.0, 82.0], $measured);
        self::assertSame(80.0, $drive->startsC);
    }

    /** @return iterable<string, array{string, list<string>}> file and what is said, place first */
    public static function unusable(): iterable
    {
        $head = "time_s,speed_kmh,engine_rpm\n";
        yield 'empty' => ['', ['the file: is empty']];
        yield 'another first line' => ['load', ['line 1: the column ‘time_s’ is missing', 'line 1: the column ‘speed_kmh’', 'line 1: needs the column engine_rpm']];
        yield 'thousands or decimals' => ["{$head}0,0,800\n1,0,\"2,000\"", ['line 3, engine_rpm: ‘2,000’ can be read in two ways']];
        yield 'a column twice' => ["time_s,speed_kmh,engine_rpm,load,load\n0,0,800,0,0", ['line 1: the column ‘load’ stands there twice']];
        yield 'unknown column' => ["time_s,speed_kmh,engine_rpm,mood\n0,0,0,1\n1,0,0,1", ['line 1: ‘mood’ is no column']];
        yield 'gear without a driveline' => ["time_s,speed_kmh,gear\n0,0,1\n1,0,1", ['line 1: has gears']];
        yield 'time running backwards' => ["{$head}0,0,800\n5,0,800\n4,0,800", ['line 4, time_s: 4 s does not come after 5 s']];
        yield 'the same time twice' => ["{$head}0,0,800\n0,0,800", ['line 3, time_s: 0 s does not come after 0 s']];
        yield 'a gap' => ["{$head}0,0,800\n500,0,800", ['line 3, time_s: nothing is told for 500 s']];
        yield 'absurd speed' => ["{$head}0,0,800\n1,4000,800", ['line 3, speed_kmh: ‘4000’ must be a number from 0 to 400']];
        yield 'no number' => ["{$head}0,0,800\n1,fast,800", ['line 3, speed_kmh: ‘fast’ must be']];
        yield 'a cell missing' => ["{$head}0,0,800\n1,0", ['line 3: has 2 cells, the first line has 3']];
        yield 'an empty cell' => ["{$head}0,0,800\n1,,800", ['line 3, speed_kmh: is missing']];
        yield 'too many rows' => [$head.str_repeat("1,1,1\n", 100_000), ['the file: has about 100001 rows; at most 20000']];
        yield 'one row' => ["{$head}0,0,800", ['the file: has fewer than two rows']];
        yield 'a million rows' => [$head.str_repeat("1,1,1\n", 1_000_000), ['the file: is 6 MB long; at most 4 MB']];
    }

    /** @param  list<string>  $says */
    #[DataProvider('unusable')]
    public function test_what_is_wrong_is_named_with_line_and_column(string $csv, array $says): void
    {
        try {
            (new DriveCsv(null))->read($csv, 'x');
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            self::assertCount(count($says), $unusable->problems);
            foreach ($says as $at => $start) {
                self::assertSame($start, mb_substr(Wording::english()->line($unusable->problems[$at]), 0, mb_strlen($start)));
            }
        }
    }

    public function test_after_fifty_it_stops_counting(): void
    {
        try {
            (new DriveCsv(null))->read("time_s,speed_kmh,engine_rpm\n".str_repeat("0,0,0\n", 5000), 'x');
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            self::assertCount(52, $unusable->problems);
            self::assertSame('input.csv.more-wrong', $unusable->problems[51]->message->code);
        }
    }
}
