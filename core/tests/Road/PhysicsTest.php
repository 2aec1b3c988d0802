<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Message\Message;
use LampThread\Road\Bottleneck;
use LampThread\Road\Coolant;
use LampThread\Road\Drive;
use LampThread\Road\Drives;
use LampThread\Road\Outcome;
use LampThread\Road\Sample;
use LampThread\Road\Simulation;
use LampThread\Road\Vehicle;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What surrounds the lumps: switching, boiling, fans that blow wrong, dead branches, what limits, and the sums. */
final class PhysicsTest extends TestCase
{
    private const DECIDER = '/control/stages/0/decider';

    private const STEPLESS = [
        self::DECIDER => ['kind' => 'stepless', 'onC' => 86, 'offC' => 84, 'place' => 'engine-outlet', 'spanK' => 8, 'leastDutyPercent' => 25],
        '/control/overrides' => [],
    ];

    /** A stage that is on stays on to its off temperature, however its duty is stepped: the gap decides how often it starts. */
    public function test_a_stepless_stage_does_not_flicker_and_its_gap_counts(): void
    {
        $starts = static fn (float $offC): float => self::drive([...self::STEPLESS, self::DECIDER.'/offC' => $offC], '3-queue')->result->startsPerHour();

        self::assertLessThan(25.0, $starts(84));
        self::assertLessThan($starts(85), $starts(82.5));
        $cells = Vehicle::of(Orchard::sizing(self::STEPLESS))->sweep();
        $queue = [[Drives::standard()['3-queue'], 1.0]];
        self::assertNotEquals(array_column($cells->row($queue, 1), 'startsPerHour'), array_column($cells->row($queue, 6), 'startsPerHour'));
    }

    /** The coolant goes no higher than it boils at this cap, mix and altitude; what is left over boils it away, and the drive ends when it is gone. */
    public function test_nothing_gets_hotter_than_it_boils(): void
    {
        $changes = ['/heat' => ['ratedKw' => 80, 'coreWPerK' => 120], '/roadLoad' => ['massKg' => 3500]];
        foreach ([0.0, 2500.0] as $altitudeM) {
            $outcome = Vehicle::of(Orchard::sizing($changes), $altitudeM)->drive(Drives::standard()['5-climb']);
            $result = $outcome->result;
            self::assertNotNull($result->boiling);
            self::assertEqualsWithDelta(Coolant::boilsC(100, 50, $altitudeM), $result->peakC, 0.01);
            self::assertGreaterThan(2.0, $result->boiling->lostLitres, 'a quarter of nine litres');
            self::assertNotNull($result->boiling->emptiedAtS);
            self::assertLessThan($result->drive->lastS(), $result->lastedS);
            self::assertEqualsWithDelta($result->inJ, $result->outJ + $result->storedJ, 0.001 * $result->inJ, 'energy closes, the steam counted');
            self::assertSame(['road.boils', 'road.emptied'], array_slice(array_column($outcome->remarks, 'code'), 0, 2));
        }
    }

    /** Common practice, no source: where no coolant moves, the first trigger comes when the gauge is at 96 to 97 °C with a switch made for 85. */
    public function test_a_switch_in_a_dead_branch_comes_late(): void
    {
        $first = static function (bool $stands): float {
            $changes = [
                self::DECIDER.'/onC' => 82, self::DECIDER.'/offC' => 77, self::DECIDER.'/place' => 'engine-outlet', self::DECIDER.'/coolantStands' => $stands,
                '/heat' => ['ratedKw' => 80],
            ];
            foreach (self::drive($changes, self::creeping(0.06, 29))->result->samples as $sample) {
                if ($sample->running > 0) {
                    return $sample->coolantC;
                }
            }

            return INF;
        };

        self::assertLessThan(85.0, $first(false));
        self::assertEqualsWithDelta(96.5, $first(true), 2.5);
    }

    public function test_a_fan_that_blows_the_wrong_way_cools_little_and_is_named(): void
    {
        $right = self::drive(['/heat' => ['ratedKw' => 80]], self::creeping(0.06, 35));
        $wrong = self::drive(['/heat' => ['ratedKw' => 80], '/fans/0/polarityReversed' => true], self::creeping(0.06, 35));

        self::assertGreaterThan($right->result->peakC + 5, $wrong->result->peakC);
        self::assertSame(Bottleneck::Fan, $wrong->limitedBy);
        self::assertContains('road.wrong-way', array_column($wrong->remarks, 'code'));
    }

    /** The road asks what the vehicle weighs, not what its engine could: a strong engine on the same road is about as warm as a weak one. */
    public function test_a_strong_engine_needs_no_more_on_the_same_road(): void
    {
        $peak = static fn (float $ratedKw): float => self::drive(['/heat' => ['ratedKw' => $ratedKw]], '4-motorway')->result->peakC;

        self::assertLessThan(108.0, $peak(260), 'it turns more metal over, with the same small core');
        self::assertLessThan($peak(80) + 15, $peak(260));
        self::assertContains('road.short-of-power', array_column(self::drive(['/heat' => ['ratedKw' => 12]], '5-climb')->remarks, 'code'));
    }

    /** Common practice, no source: water runs three to four kelvin cooler than half and half, where the core is what there is. */
    public function test_glycol_costs_some_kelvins(): void
    {
        $changes = ['/heat' => ['ratedKw' => 80], '/roadLoad' => ['massKg' => 5000], self::DECIDER.'/onC' => 84, self::DECIDER.'/offC' => 82.5];
        $peak = static fn (float $percent): float => self::drive([...$changes, '/cooling/glycolPercent' => $percent], '5-climb')->result->peakC;

        self::assertEqualsWithDelta(3.5, $peak(50) - $peak(0), 1.5);
        self::assertGreaterThan($peak(50) + 1, $peak(70));
    }

    /** @return iterable<string, array{Bottleneck, array<string, mixed>, string}> */
    public static function limits(): iterable
    {
        $heavy = ['/heat' => ['ratedKw' => 80], '/roadLoad' => ['massKg' => 4000, 'frontalM2' => 3.0]];
        yield 'warm-up' => [Bottleneck::None, [], '1-warm-up'];
        yield 'a thermostat that is half open' => [Bottleneck::Thermostat, [...$heavy, '/roadLoad' => ['massKg' => 1500, 'frontalM2' => 6.0]], '4-motorway'];
        yield 'asked at 107' => [Bottleneck::SetPoint, [self::DECIDER.'/onC' => 107, self::DECIDER.'/offC' => 100, ...$heavy], '5-climb'];
        yield 'lockout' => [Bottleneck::Lockout, [...$heavy, '/control/lockouts' => ['engineSpeed' => ['rpm' => 2000]]], '5-climb'];
        yield 'a small core' => [Bottleneck::Core, ['/heat' => ['ratedKw' => 80, 'coreWPerK' => 250], '/fans/0/flowM3h' => 5000], '5-climb'];
        yield 'a small fan' => [Bottleneck::Air, [...$heavy, '/heat' => ['ratedKw' => 80, 'coreWPerK' => 4000], '/fans/0/flowM3h' => 700], '5-climb'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('limits')]
    public function test_what_limits_is_told_in_the_right_order(Bottleneck $expected, array $changes, string $drive): void
    {
        self::assertSame($expected, self::drive($changes, $drive)->limitedBy);
        foreach (Bottleneck::cases() as $one) {
            self::assertStringEndsWith('.', Orchard::english(Message::of("bottleneck.{$one->value}")));
        }
    }

    /** A battery that runs down loses voltage, and its fans speed; what is left says for how long it would still start. */
    public function test_a_battery_that_drains_takes_the_fans_with_it(): void
    {
        $weak = ['/supply/alternatorIdleA' => 8, '/supply/batteryAh' => 12, '/supply/baseLoadA' => 20];
        $samples = self::drive($weak, self::creeping(0.06, 38))->result->samples;
        $running = array_values(array_filter($samples, static fn (Sample $sample): bool => $sample->running > 0));
        $left = self::drive([...$weak, '/control/afterRun' => ['delayS' => 200]], self::creeping(0.06, 38));

        self::assertLessThan($running[0]->batteryV - 0.2, $running[count($running) - 1]->batteryV);
        self::assertLessThan($running[0]->fanPercent, $running[count($running) - 1]->fanPercent);
        self::assertLessThan(1.0, $left->batteryLeftShare);
        self::assertNotNull($left->startsForS);
        self::assertLessThan(1200.0, $left->startsForS);
    }

    public function test_a_log_forces_the_fans(): void
    {
        $drive = self::creeping(0.05, 30);
        $forced = new Drive(...[...get_object_vars($drive), 'fansOn' => [true, true]]);
        $sizing = Orchard::sizing([]);
        $result = Simulation::of($sizing->brief, Vehicle::of($sizing)->fans)->run($forced);

        self::assertEqualsWithDelta(1.0, $result->runShare(), 0.001);
    }

    private static function creeping(float $load, float $ambientC): Drive
    {
        $name = Message::verbatim('creeping');

        return new Drive(
            'x', $name, $name, 80, [0.0, 1800.0], [5.0, 5.0], [1000.0, 1000.0], [$load, $load], [$ambientC, $ambientC], [false, false], [true, true],
        );
    }

    /** @param  array<string, mixed>  $changes */
    private static function drive(array $changes, Drive|string $drive): Outcome
    {
        return Vehicle::of(Orchard::sizing($changes))->drive($drive instanceof Drive ? $drive : Drives::standard()[$drive]);
    }
}
