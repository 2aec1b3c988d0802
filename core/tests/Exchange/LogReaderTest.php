<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Logs as devices write them, read by what their headers let expect. */
final class LogReaderTest extends TestCase
{
    /** @return iterable<string, array{string, list<float>, list<float|null>, array<string, list<float|null>>}> file, times s, coolant °C, other channels */
    public static function files(): iterable
    {
        yield 'seconds and commas' => ["time_s,coolant_c,speed_kmh\n0,80,30\n1.5,81.5,31\n", [0, 1.5], [80, 81.5], ['speedKmh' => [30, 31]]];
        yield 'semicolons and decimal commas, with a mark of the order of bytes' => [
            "\u{FEFF}Time s;Coolant °C;Fan current A\r\n0;80,5;0,1\r\n2,5;81;16,2\r\n", [0, 2.5], [80.5, 81], ['fanA' => [0.1, 16.2]],
        ];
        yield 'tabs, °F, mph and feet' => [
            "Elapsed s\tECT (°F)\tVehicle speed (mph)\tAltitude ft\n10\t212\t60\t1000\n20\t176\t30\t1100\n",
            [0, 10], [100, 80], ['speedKmh' => [96.56064, 48.28032], 'altitudeM' => [304.8, 335.28]],
        ];
        yield 'milliseconds' => ["time_ms,clt\n1000,70\n3500,72\n", [0, 2.5], [70, 72], []];
        yield 'a clock that passes midnight' => ["clock,coolant\n23:59:58,80\n23:59:59.5,81\n00:00:02,82\n", [0, 1.5, 4], [80, 81, 82], []];
        yield 'a date with a clock' => ["timestamp,coolant\n2026-11-26T09:00:00Z,80\n2026-11-26T09:01:00Z,81\n2026-11-27T09:00:00Z,82\n", [0, 60, 86400], [80, 81, 82], []];
        yield 'remarks before the names, units below them' => [
            "# made by a logger\nsep=;\nChannels: 3\n\nTime;Coolant;Ambient temp\ns;°F;°F\n0;212;77\n1;214;77\n", [0, 1], [100, 101.111111], ['ambientC' => [25, 25]],
        ];
        yield 'quotes, words for nothing, two unnamed columns' => [
            "\"Time (s)\",\"Coolant, at the head (C)\",,\n0,\"80\",x,y\n1,NO DATA,x,y\n2,82,x,y\n", [0, 1, 2], [80, null, 82], [],
        ];
        yield 'a sensor that falls off for a moment' => [
            "time_s,coolant_c\n0,80\n1,-273\n2,999\n3,1e999\n4,81\n5,81\n6,82\n", [0, 1, 2, 3, 4, 5, 6], [80, null, null, null, 81, 81, 82], [],
        ];
        yield 'the speed of the engine before that of the vehicle' => [
            "time,engine speed,coolant temp,intake air temp,vehicle speed\n0,900,80,30,5\n1,950,81,30,6\n", [0, 1], [80, 81],
            ['rpm' => [900, 950], 'speedKmh' => [5, 6], 'ambientC' => [30, 30]],
        ];
        yield 'an old letter for degrees' => ["Time s;Coolant \xB0F\n0;212\n1;212\n", [0, 1], [100, 100], []];
        yield 'several rows in a second' => ["time_s,coolant_c\n0,80\n0,82\n1,84\n1,86\n", [0, 1], [80, 84], []];
    }

    /**
     * @param  list<float>  $timesS
     * @param  list<float|null>  $coolantC
     * @param  array<string, list<float|null>>  $others
     */
    #[DataProvider('files')]
    public function test_a_log_is_read_by_its_header(string $file, array $timesS, array $coolantC, array $others): void
    {
        $log = LogText::read($file);
        self::assertEqualsWithDelta($timesS, $log->timesS, 1e-6);
        self::assertEqualsWithDelta($coolantC, $log->coolantC, 1e-5);
        foreach ($others as $channel => $values) {
            self::assertEqualsWithDelta($values, $log->{$channel}, 1e-5, $channel);
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string, string}> file, mapping instead of the guessed, place and message of the problem */
    public static function spoiled(): iterable
    {
        $time = ['column' => 0, 'unit' => 's'];
        $coolant = ['column' => 1, 'unit' => 'C'];
        yield 'nothing' => ['', [], 'line 1', 'input.log.no-header'];
        yield 'one column' => ["time\n1\n2\n", [], 'line 3', 'input.log.one-column'];
        yield 'wide characters' => ["t\0i\0m\0e\0", [], 'line 1', 'input.log.no-text'];
        yield 'no coolant' => ["time_s,x\n0,1\n", ['time' => $time], '/mapping/coolant', 'input.log.needs-coolant'];
        yield 'no time' => ["time_s,coolant\n0,1\n", ['coolant' => $coolant], '/mapping/time', 'input.log.needs-time'];
        yield 'a column that is not there' => [
            "time_s,coolant\n0,1\n", ['time' => $time, 'coolant' => ['column' => 7, 'unit' => 'C']], '/mapping/coolant', 'input.log.no-such-column',
        ];
        yield 'a unit that cannot be' => [
            "time_s,coolant\n0,1\n", ['time' => $time, 'coolant' => ['column' => 1, 'unit' => 'mph']], '/mapping/coolant/unit', 'input.log.no-such-unit',
        ];
        yield 'a column for two things' => ["time_s,coolant\n0,1\n", ['time' => $time, 'coolant' => $coolant, 'ambient' => $coolant], '/mapping/ambient', 'input.log.column-twice'];
        yield 'a thing nobody knows' => ["time_s,coolant\n0,1\n", ['time' => $time, 'coolant' => $coolant, 'mood' => $coolant], '/mapping/mood', 'input.log.no-such-column'];
        yield 'time that goes back' => ["time_s,coolant\n0,80\n9,80\n\n5,80\n", [], 'line 5, time_s', 'input.drive.time-backwards'];
        yield 'no time in a row' => ["time_s,coolant\n0,80\nnow,80\n", [], 'line 3, time_s', 'input.log.no-time'];
        yield 'a date nobody knows' => ["timestamp,coolant\n31.31.2026 09:00:00,80\n", [], 'line 2, timestamp', 'input.log.no-time'];
        yield 'one row' => ["time_s,coolant\n0,80\n", [], '', 'input.drive.too-few-rows'];
        yield 'milliseconds read as seconds' => ["time_s,coolant\n0,80\n1800000,81\n", [], '/mapping/time', 'input.log.too-long'];
        yield '°F that says nothing' => ["time_s,coolant\n0,180\n1,185\n2,190\n", [], '/mapping/coolant/unit', 'input.log.looks-fahrenheit'];
        yield '°F beyond what °C can be' => ["time_s,coolant\n0,203\n1,205\n2,190\n", [], '/mapping/coolant/unit', 'input.log.looks-fahrenheit'];
        yield '°C that says °F' => ["time_s,coolant F\n0,80\n1,85\n2,90\n", [], '/mapping/coolant/unit', 'input.log.looks-celsius'];
        yield 'hardly any coolant' => ["time_s,coolant F\n0,\n1,\n2,\n", [], '/mapping/coolant', 'input.log.mostly-empty'];
    }

    /** @param  array<string, mixed>  $mapping */
    #[DataProvider('spoiled')]
    public function test_a_log_that_cannot_be_read_says_where(string $file, array $mapping, string $place, string $message): void
    {
        try {
            LogText::read($file, $mapping === [] ? null : $mapping);
            self::fail('it was read');
        } catch (InvalidInput $input) {
            self::assertContains([$place, $message], array_map(static fn (Problem $problem): array => [$problem->at, $problem->message->code], $input->problems));
        }
    }

    /** A day of rows, ten a second: what is kept is some thousand means that end where the log ends, and nothing leans to one side. */
    public function test_a_long_log_is_thinned_to_means(): void
    {
        $file = "time_s,coolant_c\n";
        for ($row = 0; $row < 60_000; $row++) {
            $file .= ($row / 10).','.(80 + 0.002 * $row / 10)."\n";
        }
        $log = LogText::read($file);
        self::assertLessThanOrEqual(4096, count($log->timesS));
        self::assertGreaterThan(1500, count($log->timesS));
        foreach ($log->timesS as $at => $timeS) {
            // Times are counted from the first kept moment, which is the middle of its rows.
            self::assertEqualsWithDelta($log->coolantC[0] + 0.002 * $timeS, $log->coolantC[$at], 1e-6);
        }
        self::assertSame([], $log->gaps());
    }
}
