<?php

declare(strict_types=1);

namespace LampThread\Tests\Road;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Operation\Solver;
use LampThread\Road\Drives;
use LampThread\Road\FanResponse;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the fans do on the road is what the circuit does on the bench. */
final class FanResponseTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function loads(): iterable
    {
        foreach ([
            'one fan', 'two on one relay', 'two, a relay each', 'two at two temperatures', 'dropping resistor', 'two windings', 'series and parallel',
        ] as $load) {
            foreach (['switch closing when hot', 'switch opening when hot', 'capillary', 'electronic, dry contact', 'computer'] as $decider) {
                yield "{$decider}, {$load}" => [Combination::changes(Combination::deciders()[$decider], Combination::loads()[$load])];
            }
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('loads')]
    public function test_hot_and_cold_are_what_the_bench_has(array $changes): void
    {
        $sizing = Orchard::sizing($changes);
        $response = new FanResponse($sizing->brief, $sizing->circuit);
        $stages = count($sizing->brief->control->stages);
        foreach ([[20.0, false], [130.0, true]] as [$coolantC, $isHot]) {
            $state = $response->at(true, 850, false, array_fill(0, $stages, $isHot), array_fill(0, $stages, 100.0), null);
            $bench = (new Solver($sizing->circuit))->settle(new OperatingConditions(Key::Run, 850, $coolantC));
            $turning = 0;
            $currentA = 0.0;
            foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
                $turning += $bench->position($motor->id) === FanMotor::TURNING ? 1 : 0;
                $currentA += $bench->currentA($motor->id);
            }
            self::assertSame($turning, $state->running);
            self::assertEqualsWithDelta($currentA, $state->currentA, 1e-4);
            self::assertEqualsWithDelta($bench->voltages->at('battery:+'), $state->busV, 1e-4);
        }
    }

    public function test_a_stage_alone_gives_less_than_both(): void
    {
        foreach (['two at two temperatures', 'dropping resistor', 'series and parallel'] as $load) {
            $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['computer'], Combination::loads()[$load]));
            $response = new FanResponse($sizing->brief, $sizing->circuit);
            $low = $response->at(true, 850, false, [true, false], [95, 95], null);
            $high = $response->at(true, 850, false, [true, true], [110, 110], null);

            self::assertGreaterThan(0, $low->speedShare, $load);
            self::assertGreaterThan(1.2 * $low->speedShare, $high->speedShare, $load);
        }
    }

    public function test_a_stepless_controller_gives_by_what_it_feels(): void
    {
        $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['stepless'], Combination::loads()['one fan']));
        $response = new FanResponse($sizing->brief, $sizing->circuit);
        $air = static fn (float $feltC): float => $response->at(true, 850, false, [true], [$feltC - $sizing->brief->control->stages[0]->decider->band()?->onC], null)->speedShare;

        self::assertGreaterThan($air(92), $air(96));
        self::assertGreaterThan($air(96), $air(100));
        self::assertEqualsWithDelta($air(101), $air(120), 0.001);
        self::assertSame(0.0, $response->at(true, 850, false, [false], [95], null)->speedShare);
    }

    /** Each controller goes by what it senses where it sits. */
    public function test_two_stepless_stages_at_different_places_each_have_their_own_temperature(): void
    {
        $decider = ['kind' => 'stepless', 'onC' => 90, 'offC' => 85, 'place' => 'engine-outlet', 'spanK' => 10, 'leastDutyPercent' => 20];
        $fan = Orchard::file()['fans'][0];
        $circuit = Orchard::sizing($changes = [
            '/fans' => [$fan, [...$fan, 'id' => 'fan-2', 'name' => 'second']],
            '/control/overrides' => [],
            '/control/stages' => [
                ['id' => 'stage-1', 'fans' => ['fan-1'], 'side' => 'earth', 'decider' => $decider],
                ['id' => 'stage-2', 'fans' => ['fan-2'], 'side' => 'earth', 'decider' => [...$decider, 'place' => 'core-outlet']],
            ],
        ])->circuit;
        $fans = new FanResponse(Orchard::brief($changes), $circuit);
        $air = static fn (float $firstC, float $secondC): float => $fans->at(true, 3000, false, [true, true], [$firstC - 90, $secondC - 90], null)->speedShare;

        self::assertGreaterThan($air(91, 91) * 1.2, $air(91, 100));
        self::assertEqualsWithDelta($air(91, 100), $air(100, 91), 0.02 * $air(91, 100));
        self::assertGreaterThan($air(91, 100) * 1.1, $air(100, 100));
    }

    public function test_after_run_runs_its_time_with_the_key_out(): void
    {
        $sizing = Orchard::sizing(['/control/afterRun' => ['delayS' => 200]]);
        $response = new FanResponse($sizing->brief, $sizing->circuit);

        self::assertSame(1, $response->at(false, 0, false, [false], [80], 10)->running);
        self::assertSame(0, $response->at(false, 0, false, [false], [80], 200)->running);
        self::assertLessThan(-10.0, $response->at(false, 0, false, [false], [80], 10)->batteryA);
    }

    public function test_a_weak_alternator_slows_the_fans_at_idle(): void
    {
        $sizing = Orchard::sizing(['/supply/alternatorIdleA' => 12, '/supply/batteryMilliohm' => 30]);
        $response = new FanResponse($sizing->brief, $sizing->circuit);
        $idle = $response->at(true, 850, false, [true], [110], null);
        $fast = $response->at(true, 3000, false, [true], [110], null);

        self::assertLessThan($fast->speedShare - 0.04, $idle->speedShare);
        self::assertLessThan(0.0, $idle->batteryA);
    }

    public function test_a_lockout_holds_them_from_its_speed_on(): void
    {
        $sizing = Orchard::sizing(['/control/lockouts' => ['engineSpeed' => ['rpm' => 2300]]]);
        $response = new FanResponse($sizing->brief, $sizing->circuit);

        self::assertSame(1, $response->at(true, 2299, false, [true], [110], null)->running);
        self::assertSame(0, $response->at(true, 2300, false, [true], [110], null)->running);
    }

    public function test_every_drive_makes_sense(): void
    {
        $drives = Drives::standard();
        self::assertCount(6, $drives);
        foreach ($drives as $id => $drive) {
            self::assertSame(0.0, $drive->timesS[0], $id);
            for ($at = 1; $at < count($drive->timesS); $at++) {
                self::assertGreaterThan($drive->timesS[$at - 1], $drive->timesS[$at], $id);
            }
            self::assertLessThan(20.0, max([0.0, ...$drive->gradientsPercent]));
            self::assertSame(count($drive->timesS), count($drive->keysOn));
            self::assertSame(40.0, $drive->at(40, null)->ambientsC[1]);
            self::assertSame(12.0, $drive->at(null, 12)->startsC);
        }
    }
}
