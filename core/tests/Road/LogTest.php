<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Exchange\Log\StandIn;
use LampThread\Exchange\Log\StandInFault;
use LampThread\Exchange\SpreadsReader;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Road\Calibration;
use LampThread\Road\Drives;
use LampThread\Road\Log;
use LampThread\Road\LogComparison;
use LampThread\Road\LogSwitching;
use LampThread\Road\Vehicle;
use LampThread\Tests\Exchange\LogText;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a log tells: when fans switched, what changed between two, and which vehicle it was. */
final class LogTest extends TestCase
{
    /** By hand: coolant saws between 92 and 86 °C, the fan takes 15 A while it falls. */
    #[DataProvider('signs')]
    public function test_on_and_off_are_found(string $by, bool $hasCurrent, bool $hasVolts): void
    {
        $switching = LogSwitching::of(self::saw(current: $hasCurrent, volts: $hasVolts)) ?? self::fail('nothing found');
        self::assertSame($by, $switching->by);
        $on = $switching->at(true) ?? self::fail('never on');
        $off = $switching->at(false) ?? self::fail('never off');

        self::assertEqualsWithDelta(92, $on['meanC'], 0.7);
        self::assertEqualsWithDelta(86, $off['meanC'], 0.7);
        self::assertGreaterThanOrEqual(4, $on['count']);
        self::assertGreaterThanOrEqual(4, $off['count']);
    }

    /** @return iterable<string, array{string, bool, bool}> */
    public static function signs(): iterable
    {
        yield 'by the current' => ['current', true, true];
        yield 'by the voltage' => ['voltage', false, true];
        yield 'by the knees of the temperature' => ['knees', false, false];
    }

    public function test_a_fan_that_never_ran_came_on_never(): void
    {
        $log = self::log(range(0, 600, 5), static fn (float $timeS): float => 80.0, ['fanA' => static fn (float $timeS): float => 0.2]);
        $switching = LogSwitching::of($log) ?? self::fail('nothing found');
        self::assertNull($switching->at(true));
        self::assertSame([false], array_values(array_unique($switching->ran($log) ?? [])));
        self::assertNull(LogSwitching::of(self::log([0, 600], static fn (): float => 80.0)), 'and nothing is made up where nothing moves');
    }

    public function test_a_blip_of_the_throttle_is_not_a_fan(): void
    {
        $log = self::log(range(0, 600), static fn (float $timeS): float => 80.0, [
            'batteryV' => static fn (float $timeS): float => $timeS > 300 ? 13.6 : 14.2,
            'rpm' => static fn (float $timeS): float => $timeS > 300 ? 800.0 : 2400.0,
        ]);
        self::assertNull(LogSwitching::of($log));
    }

    public function test_silence_is_a_gap_and_is_driven_straight_through(): void
    {
        $timesS = [...range(0, 100, 2), ...range(200, 300, 2)];
        $log = self::log($timesS, static fn (float $timeS): ?float => $timeS === 50.0 ? null : 80 + $timeS / 10, ['speedKmh' => static fn (): float => 36.0]);
        self::assertSame([[100.0, 200.0]], $log->gaps());
        $drive = $log->drive('x', Message::verbatim('x'), null, 20.0);
        self::assertSame(20.0, $drive->ambientsC[0]);
        self::assertEqualsWithDelta(85.0, Log::filled($log->coolantC)[25], 1e-9);
    }

    /** By hand: 10 m/s up by 0.8 m a second is 8 %; a receiver that flickers by 2 m makes no cliffs of it. */
    public function test_altitude_and_speed_make_the_gradient(): void
    {
        $log = self::log(range(0, 600), static fn (float $timeS): float => 80.0, [
            'speedKmh' => static fn (): float => 36.0,
            'altitudeM' => static fn (float $timeS): float => 0.8 * $timeS + ((int) $timeS % 2 === 0 ? 2.0 : -2.0),
        ]);
        $gradients = $log->drive('x', Message::verbatim('x'), null, 20.0)->gradientsPercent;
        self::assertEqualsWithDelta(8.0, $gradients[300], 3.0);
        self::assertEqualsWithDelta(8.0, array_sum(array_slice($gradients, 100, 400)) / 400, 0.3);
    }

    /** The same road on a warmer day: the rise above the weather counts, not the coolant. */
    public function test_before_and_after_are_compared_at_the_same_speeds_and_weather(): void
    {
        $drive = static fn (float $riseK, float $ambientC): Log => self::log(range(0, 3600, 10), static fn (float $timeS): float => $ambientC + $riseK + sin($timeS / 40), [
            'speedKmh' => static fn (float $timeS): float => $timeS < 1800 ? 0.0 : 80.0, 'ambientC' => static fn (): float => $ambientC,
        ]);
        $same = LogComparison::of($drive(65, 20), $drive(65.2, 28));
        self::assertSame(['standing', 'fast'], array_column($same->rows, 'speed'));
        self::assertLessThan($same->rows[0]['withinK'], abs($same->rows[0]['byK']), 'cannot be told');
        $cooler = LogComparison::of($drive(65, 20), $drive(58, 28));
        self::assertEqualsWithDelta(-7, $cooler->rows[0]['byK'], 0.1);
        self::assertLessThan(3, $cooler->rows[0]['withinK']);
    }

    public function test_what_does_not_compare_says_why(): void
    {
        $log = static fn (array $others): Log => self::log(range(0, 900, 10), static fn (float $timeS): float => 90.0, $others);
        $at = static fn (float $value): \Closure => static fn (): float => $value;
        $whole = $log(['speedKmh' => $at(0), 'ambientC' => $at(20)]);
        $refused = static fn (Log $other): ?string => LogComparison::of($whole, $other)->refused?->code;
        self::assertNull($refused($whole));
        self::assertSame('log.compare.no-ambient', $refused($log(['speedKmh' => $at(0)])));
        self::assertSame('log.compare.no-speed', $refused($log(['ambientC' => $at(20)])));
        self::assertSame('log.compare.other-weather', $refused($log(['speedKmh' => $at(0), 'ambientC' => $at(35)])));
        self::assertSame('log.compare.nothing-alike', $refused($log(['speedKmh' => $at(90), 'ambientC' => $at(20)])));
    }

    /**
     * @param  list<StandInFault>  $faults
     * @param  array<string, string>  $units  told by hand, as its header does not
     */
    #[TestWith([StandIn::Logger, [], []])]
    #[TestWith([StandIn::Logger, [StandInFault::DropOuts], []])]
    #[TestWith([StandIn::Logger, [StandInFault::WrongUnit], ['coolant' => 'F', 'ambient' => 'F', 'speed' => 'mph']])]
    #[TestWith([StandIn::ScanTool, [], []])]
    #[TestWith([StandIn::ScanTool, [StandInFault::DropOuts, StandInFault::OneSecondSteps], []])]
    #[TestWith([StandIn::ScanTool, [StandInFault::WrongUnit], ['coolant' => 'F', 'ambient' => 'F', 'speed' => 'mph']])]
    public function test_what_a_simulated_device_writes_reads_as_the_drive_it_was_on(StandIn $device, array $faults, array $units): void
    {
        $drive = Drives::standard()['5-climb'];
        $file = $device->record(Vehicle::of(Orchard::sizing()), $drive, $faults);
        $log = LogText::read($file, units: $units);

        self::assertEqualsWithDelta($drive->lastS(), $log->lastS(), 40.0);
        self::assertSame(in_array(StandInFault::DropOuts, $faults, true), $log->gaps() !== []);
        self::assertEqualsWithDelta($drive->ambientsC[0], array_sum(Log::filled($log->ambientC)) / count($log->timesS), 0.6);
        self::assertEqualsWithDelta($drive->startsC, Log::filled($log->coolantC)[0], 1.5);
        self::assertEqualsWithDelta(max([0.0, ...$drive->speedsKmh]), max([0.0, ...Log::filled($log->speedKmh)]), 2.0);
    }

    public function test_a_device_that_does_not_say_its_unit_is_found_out(): void
    {
        $file = StandIn::Logger->record(Vehicle::of(Orchard::sizing()), Drives::standard()['5-climb'], [StandInFault::WrongUnit]);
        $this->expectException(InvalidInput::class);
        LogText::read($file);
    }

    /** The stand-in rides in vehicles that are up to a fifth other than told. The intervals hold what they promise: 95 of 100 the truth. */
    public function test_a_fit_finds_the_vehicle_the_log_was_taken_on_and_how_sure_that_is(): void
    {
        $file = Orchard::file(['/heat' => ['ratedKw' => 55, 'heatShare' => 0.9, 'coreWPerK' => 1500, 'airShare' => 0.25], '/roadLoad' => ['massKg' => 2600]]);
        $told = ['/heat' => $file['heat'], '/roadLoad' => $file['roadLoad']];
        $vehicle = Vehicle::of(Orchard::sizing($told));
        $hits = $all = 0;
        foreach (range(1, 6) as $seed) {
            $true = self::truth($seed);
            $log = LogText::read(StandIn::Logger->record($vehicle, Drives::standard()['5-climb'], [], $seed));
            $drive = $log->drive('log', Message::verbatim('log'), LogSwitching::of($log)?->ran($log), Calibration::USUAL_AMBIENT_C);
            $fit = Calibration::fit($vehicle->brief, $vehicle->fans, $drive, $log->coolantC, SpreadsReader::of(Orchard::file(), Orchard::brief()));
            self::assertLessThan($fit->rmsBeforeK + 1e-9, $fit->rmsK);
            self::assertLessThan(1.0, $fit->rmsK);
            foreach ($fit->figures as $name => $figure) {
                $off = log($figure / ($told['/heat'][$name] * $true[$name]));
                $all++;
                $hits += abs($off) <= 2 * $fit->spreads[$name] ? 1 : 0;
                self::assertLessThan(0.25, abs($off), "{$name} of vehicle {$seed}");
            }
        }
        self::assertGreaterThanOrEqual(6, $all);
        self::assertGreaterThanOrEqual($all - 1, $hits);
    }

    /** @return array<string, float> factors the stand-in draws first, in their order */
    private static function truth(int $seed): array
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $off = static fn (float $by): float => 1 + $by * ($random->getInt(-1000, 1000) / 1000);

        return ['heatShare' => $off(0.2), 'coreWPerK' => $off(0.15), 'airShare' => $off(0.2)];
    }

    private static function saw(bool $current, bool $volts): Log
    {
        $isFalling = static fn (float $timeS): bool => fmod($timeS, 240.0) >= 120.0;
        $coolant = static fn (float $timeS): float => $isFalling($timeS) ? 92 - 6 * (fmod($timeS, 240.0) - 120) / 120 : 86 + 6 * fmod($timeS, 240.0) / 120;

        return self::log(range(0, 1190, 2), $coolant, [
            'fanA' => $current ? static fn (float $timeS): float => $isFalling($timeS) ? 15.0 + 0.2 * sin($timeS) : 0.1 : static fn (): ?float => null,
            'batteryV' => $volts ? static fn (float $timeS): float => ($isFalling($timeS) ? 13.7 : 14.1) + 0.01 * sin($timeS) : static fn (): ?float => null,
        ]);
    }

    /**
     * @param  array<int, int>  $timesS
     * @param  \Closure(float): (float|null)  $coolantC
     * @param  array<string, \Closure(float): (float|null)>  $others  by channel
     */
    private static function log(array $timesS, \Closure $coolantC, array $others = []): Log
    {
        $times = array_map(floatval(...), array_values($timesS));
        $of = static fn (string $channel): array => array_map($others[$channel] ?? static fn (): ?float => null, $times);

        return new Log(
            $times, array_map($coolantC, $times), $of('ambientC'), $of('speedKmh'), $of('rpm'), $of('fanA'), $of('batteryV'), $of('loadPercent'), $of('altitudeM'),
        );
    }
}
