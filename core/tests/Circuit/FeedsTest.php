<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Brief\RelayPlace;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Termination;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Wire;
use LampThread\Operation\Solver;
use LampThread\Proof\Findings;
use LampThread\Road\Drives;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where currents are taken from and go back to, and contacts in unusual places. */
final class FeedsTest extends TestCase
{
    private const HOT = 110.0;

    /** @param  array<string, mixed>  $changes */
    #[TestWith([['/control/feed' => 'starter-terminal'], 'starter-terminal'])]
    #[TestWith([['/control/feed' => 'alternator-output'], 'alternator-output'])]
    #[TestWith([['/control/feed' => 'fuse-box-stud'], 'fuse-box-stud'])]
    #[TestWith([['/control/coilFeed' => 'starter-terminal'], 'starter-terminal'])]
    public function test_a_feed_is_lost_with_the_place_it_is_taken_from(array $changes, string $part): void
    {
        $circuit = Orchard::sizing($changes)->circuit;
        $solver = new Solver($circuit);
        $hot = new OperatingConditions(Key::Run, 0, self::HOT);
        self::assertSame(FanMotor::TURNING, $solver->settle($hot)->position('fan-1'));
        self::assertNotSame(FanMotor::TURNING, $solver->settle($hot->withFaults($circuit->broken([$part => FaultKind::Open])))->position('fan-1'));
    }

    public function test_the_body_lifts_the_earth_by_what_the_fan_draws_through_it(): void
    {
        $liftV = static function (?float $bodyMilliohm): float {
            $changes = ['/supply/batteryPlace' => 'boot', '/supply/bodyMilliohm' => $bodyMilliohm, '/runs/fuse-to-relay' => ['lengthM' => 4.5]];
            $point = (new Solver(Orchard::sizing($changes)->circuit))->settle(new OperatingConditions(Key::Run, 850, self::HOT));

            return $point->voltages->at('earth-bay:31') / $point->currentA('fan-1');
        };
        // By hand: 3 mΩ are usual for the boot; the coil's current comes on top of the fan's.
        self::assertEqualsWithDelta(0.003, $liftV(null), 0.0003);
        self::assertEqualsWithDelta(0.009, $liftV(9), 0.0009);
    }

    public function test_a_battery_far_away_is_wired_for_its_way_until_that_is_told(): void
    {
        $lengthM = static fn (array $changes): float => array_sum(array_map(
            static fn ($wire): float => $wire->stretch->value === 'fuse-to-relay' ? $wire->segment->lengthM : 0.0, Orchard::sizing(['/runs' => [], ...$changes])->circuit->wires,
        ));
        self::assertEqualsWithDelta($lengthM([]) + 4, $lengthM(['/supply/batteryPlace' => 'boot']), 1e-9);
        self::assertEqualsWithDelta($lengthM([]), $lengthM(['/supply/batteryPlace' => 'boot', '/control/feed' => 'starter-terminal']), 1e-9);
        self::assertEqualsWithDelta(2.0, $lengthM(['/supply/batteryPlace' => 'boot', '/runs' => ['fuse-to-relay' => ['lengthM' => 2]]]), 1e-9);
    }

    /** Relays beside the fan are short to it and as warm as the radiator; behind the dash they are cool, and far from it. */
    public function test_where_the_relays_sit_is_felt_by_wires_and_coils(): void
    {
        $told = static function (string $place): array {
            $sizing = Orchard::sizing(['/runs' => [], '/control/relayPlace' => $place]);
            $relay = $sizing->circuit->each(Relay::class)[0];
            $toFanM = array_sum(array_map(
                static fn (Wire $wire): float => $wire->from === $relay->terminal('87') ? $wire->segment->lengthM : 0.0, $sizing->circuit->wires,
            ));
            $pullInV = array_column($sizing->choices['fan-1-relay']->taken->constraints, 'value', 'code')['pull-in'];

            return [$toFanM, round($pullInV, 2), $sizing->circuit->terminationAt($relay->terminal('85'))];
        };
        [$bay, $bracket, $cabin, $box] = array_map($told, ['bay', 'fan-bracket', 'cabin', 'box']);

        self::assertSame([true, true], [$bracket[0] < 0.5, $cabin[0] > $bay[0] + 1]);
        self::assertSame([true, true], [$bracket[1] > $bay[1], $bay[1] > $cabin[1]], 'a warm coil needs more to pull in');
        self::assertSame([$bay[0], $bay[1], Termination::BoxPlug], $box);
        self::assertEqualsWithDelta(0.7, array_sum(array_map(
            static fn (Wire $wire): float => $wire->stretch->value === 'fuse-to-relay' ? $wire->segment->lengthM : 0.0,
            Orchard::sizing(['/control/relayPlace' => 'cabin', '/runs' => ['fuse-to-relay' => ['lengthM' => 0.7]]])->circuit->wires,
        )), 1e-9, 'a told length wins');
        $feedM = static fn (string $battery, string $place): float => array_sum(array_map(
            static fn (Wire $wire): float => $wire->stretch->value === 'fuse-to-relay' ? $wire->segment->lengthM : 0.0,
            Orchard::sizing(['/runs' => [], '/supply/batteryPlace' => $battery, '/control/relayPlace' => $place])->circuit->wires,
        ));
        self::assertGreaterThan($feedM('bay', 'bay'), $feedM('bay', 'cabin'));
        self::assertLessThan($feedM('boot', 'bay'), $feedM('boot', 'cabin'), 'from the boot the dash is on the way');
        $file = Orchard::file();
        $renewed = Orchard::sizing([
            '/found' => ['fans' => $file['fans'], 'control' => $file['control']], '/renewed' => ['fan-1-relay'], '/control/relayPlace' => 'fan-bracket',
        ])->circuit->each(Relay::class)[0];
        self::assertSame(RelayPlace::Bay, $renewed->place, 'one that is renewed on its wires sits where the old one did');
    }

    /** What a spare feed is left for is what its fuse and wire are for; until then it draws nothing, and no fan is sized as though it did. */
    public function test_a_spare_feed_is_sized_for_what_comes_later(): void
    {
        $with = Orchard::sizing(['/control/spareFeedA' => 25]);
        $without = Orchard::sizing();

        $part = static fn (string $choice): string => $with->choices[$choice]->taken->part->id();
        self::assertContains($part('spare-fuse'), ['blade-35', 'blade-40', 'cartridge-40']);
        self::assertContains($part('spare-wire'), ['metric-3', 'metric-4', 'metric-6']);
        self::assertEqualsWithDelta($without->envelope->greatestA('fan-1'), $with->envelope->greatestA('fan-1'), 1e-6);
        $key = (new Solver($with->circuit))->settle(new OperatingConditions(Key::Run, 850, 20));
        self::assertEqualsWithDelta(0.0, $key->currentA('spare-fuse'), 1e-3);
        $later = (new Solver($with->circuit))->settle(new OperatingConditions(Key::Run, 850, 20, drawsSpare: true));
        self::assertEqualsWithDelta(25.0, $later->currentA('spare-fuse'), 2.5);
        self::assertSame('cartridge-60', Orchard::sizing(['/control/spareFeedA' => 25, '/pinned/spare-fuse' => 'cartridge-60'])->choices['spare-fuse']->taken->part->id());
    }

    /** What is inside a bought module is its maker's: no resistor is sized, and that it is only taken as usual is said. */
    public function test_what_makes_a_bought_module_slow_is_not_judged(): void
    {
        $computer = ['kind' => 'computer', 'output' => 'fan', 'onC' => 95, 'offC' => 90, 'place' => 'engine-outlet', 'ratedA' => 1];
        $of = static fn (bool $isUnknown): Sizing => Orchard::sizing([
            '/control/stages/0/decider' => $computer, '/control/overrides' => [['kind' => 'plug-low-high', 'lowIsUnknown' => $isUnknown]],
        ]);
        $codes = static fn (Sizing $sizing): array => array_column(Findings::of($sizing), 'code');

        self::assertSame([true, false], array_map(static fn (bool $is): bool => isset($of($is)->choices['fan-1-override-resistor']), [false, true]));
        self::assertContains('low-speed-assumed', $codes($of(true)));
        self::assertNotContains('low-speed-assumed', $codes($of(false)));
    }

    public function test_with_its_relay_in_the_minus_the_fan_stays_live_and_its_lamp_tells_the_truth(): void
    {
        $circuit = Orchard::sizing(['/control/stages/0/relayLead' => 'minus', '/control/overrides/0/indicator' => true])->circuit;
        $solver = new Solver($circuit);
        $off = $solver->settle(new OperatingConditions(Key::Off, 0, 20));
        $on = $solver->settle(new OperatingConditions(Key::Run, 850, 20, ['override' => 'on']));

        self::assertGreaterThan(12.0, $off->voltages->at('fan-1:+'));
        self::assertSame([FanMotor::AT_REST, FanMotor::TURNING], [$off->position('fan-1'), $on->position('fan-1')]);
        self::assertLessThan(0.5, abs($off->voltages->across('indicator:1', 'indicator:2')));
        self::assertGreaterThan(11.0, abs($on->voltages->across('indicator:1', 'indicator:2')));
    }

    /** @param  list<bool>  $turns  at rest, at idle and at 5000 rpm, hot */
    #[TestWith(['opens-above', 4000, [true, true, false]])]
    #[TestWith(['closes-above', 500, [false, true, true]])]
    #[TestWith(['opens-relay-above', 4000, [true, true, false]])]
    public function test_an_engine_speed_switch_rests_open_or_closed(string $action, float $rpm, array $turns): void
    {
        foreach ([false, true] as $isInFeed) {
            $lockouts = ['engineSpeed' => ['rpm' => $rpm, 'action' => $action, 'isInFeed' => $isInFeed]];
            $solver = new Solver(Orchard::sizing(['/control/lockouts' => $lockouts])->circuit);
            foreach ([0, 850, 5000] as $at => $engineRpm) {
                $point = $solver->settle(new OperatingConditions(Key::Run, $engineRpm, self::HOT));
                self::assertSame($turns[$at], $point->position('fan-1') === FanMotor::TURNING, "{$action}, {$engineRpm} rpm");
            }
        }
    }

    /** Above its speed a switch that opens leaves nothing running when it is dead; one that pulls a rest-contact relay leaves all running. */
    #[TestWith(['opens-above', '2', false])]
    #[TestWith(['opens-relay-above', '15', true])]
    #[TestWith(['opens-relay-above', 'W', true])]
    public function test_a_dead_engine_speed_switch(string $action, string $lostTerminal, bool $turns): void
    {
        foreach ([false, true] as $isInFeed) {
            $circuit = Orchard::sizing(['/control/lockouts' => ['engineSpeed' => ['rpm' => 4000, 'action' => $action, 'isInFeed' => $isInFeed]]])->circuit;
            $switch = $isInFeed ? 'speed-lockout' : 'stage-1-speed-lockout';
            $lost = $circuit->wiresAt("{$switch}:{$lostTerminal}")[0]->id;
            $stuck = $action === 'opens-above' ? new Faults([$switch => new Open]) : new Faults([$lost => new Open]);
            $fast = new OperatingConditions(Key::Run, 5000, self::HOT, faults: $stuck);

            self::assertSame($turns, (new Solver($circuit))->settle($fast)->position('fan-1') === FanMotor::TURNING, $isInFeed ? 'in the feed' : 'in the trigger');
        }
    }

    public function test_a_decider_in_parallel_cools_on_the_road_too(): void
    {
        $computer = ['kind' => 'computer', 'output' => 'fan', 'onC' => 106, 'offC' => 100, 'place' => 'engine-outlet'];
        $earlier = ['kind' => 'thermal-switch', 'action' => 'closes-when-hot', 'onC' => 92, 'offC' => 87, 'place' => 'engine-outlet'];
        $peakC = static fn (array $parallel): float => Vehicle::of(Orchard::sizing([
            '/control/stages/0/decider' => $computer, '/control/stages/0/parallel' => $parallel,
        ]))->drive(Drives::standard()['3-queue'])->result->peakC;

        self::assertLessThan($peakC([]) - 3, $peakC([$earlier]));
    }

    /** One wire of two fans' pluses joins them, whether the vehicle's relay has pulled in or not. */
    public function test_what_feeds_one_of_two_original_fans_feeds_the_other(): void
    {
        $changes = Combination::changes(
            Combination::deciders()['original'], [...Combination::loads()['two, a relay each'], 'sharesRelay' => true], 'earth', Combination::airConditioning()['separate-relay'],
        );
        $circuit = Orchard::sizing($changes)->circuit;
        $point = (new Solver($circuit))->settle(new OperatingConditions(Key::Run, 850, 20, ['air-conditioning' => 'on']));
        self::assertSame([FanMotor::TURNING, FanMotor::TURNING], [$point->position('fan-1'), $point->position('fan-2')]);
        $oneRelay = $circuit->components['fan-2-air-conditioning-relay']->id;
        $half = (new Solver($circuit))->settle(
            (new OperatingConditions(Key::Run, 850, 20, ['air-conditioning' => 'on']))->withFaults($circuit->broken([$oneRelay => FaultKind::StuckOff])),
        );
        self::assertSame(FanMotor::TURNING, $half->position('fan-2'));
    }
}
