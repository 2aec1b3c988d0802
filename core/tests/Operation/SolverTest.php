<?php

declare(strict_types=1);

namespace LampThread\Tests\Operation;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Hysteresis;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Relay;
use LampThread\Message\Message;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SolverTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, OperatingConditions, bool}> */
    public static function behaviour(): iterable
    {
        $supplySide = ['/control/stages/0/side' => 'supply'];
        yield 'key out, hot' => [[], new OperatingConditions(Key::Off, 0, 110), false];
        yield 'cold' => [[], new OperatingConditions(Key::Run, 850, 20), false];
        yield 'hot' => [[], new OperatingConditions(Key::Run, 850, 92), true];
        yield 'supply side, hot' => [$supplySide, new OperatingConditions(Key::Run, 850, 92), true];
        yield 'supply side, cold' => [$supplySide, new OperatingConditions(Key::Run, 850, 20), false];
        yield 'override, cold' => [[], new OperatingConditions(Key::Run, 0, 20, ['override' => 'on']), true];
        yield 'supply side, override, cold' => [
            $supplySide,
            new OperatingConditions(Key::Run, 0, 20, ['override' => 'on']),
            true,
        ];
        yield 'override, key out' => [[], new OperatingConditions(Key::Off, 0, 20, ['override' => 'on']), false];
        yield 'fed from the battery, key out, hot' => [
            ['/control/coilFeed' => 'battery'],
            new OperatingConditions(Key::Off, 0, 110),
            true,
        ];
        yield 'hose adapter without earth, hot' => [
            ['/control/stages/0/decider/earthLead' => false],
            new OperatingConditions(Key::Run, 850, 110),
            false,
        ];
        yield 'ignition feed while cranking, hot' => [
            ['/control/coilFeed' => 'ignition'],
            new OperatingConditions(Key::Crank, 0, 110),
            true,
        ];
        yield 'accessory feed while cranking, hot' => [[], new OperatingConditions(Key::Crank, 0, 110), false];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('behaviour')]
    public function test_the_fan_turns_when_it_should(array $changes, OperatingConditions $setting, bool $turns): void
    {
        $point = (new Solver(Orchard::sizing($changes)->circuit))->settle($setting);

        self::assertSame($turns ? FanMotor::TURNING : FanMotor::AT_REST, $point->position('fan-1'));
    }

    public function test_between_its_temperatures_the_switch_stays_as_it_was(): void
    {
        $solver = new Solver(Orchard::sizing()->circuit);
        $warming = $solver->settle(new OperatingConditions(Key::Run, 850, 90));
        $hot = $solver->settle(new OperatingConditions(Key::Run, 850, 93, memory: $warming->positions));
        $cooling = $solver->settle(new OperatingConditions(Key::Run, 850, 90, memory: $hot->positions));
        $cooled = $solver->settle(new OperatingConditions(Key::Run, 850, 87, memory: $cooling->positions));

        $closed = static fn (OperatingPoint $point): bool => $point->position('stage-1-switch') === Hysteresis::HOT;
        self::assertSame([false, true, true, false], array_map($closed, [$warming, $hot, $cooling, $cooled]));
    }

    public function test_a_relay_holds_at_a_voltage_it_would_not_pull_in_at(): void
    {
        $lowV = ['/control/coilFeed' => 'ignition', '/supply/restingV' => 10.0, '/supply/crankingV' => 5.0];
        $solver = new Solver(Orchard::sizing($lowV)->circuit);
        $released = $solver->settle(new OperatingConditions(Key::Crank, 0, 110));
        $held = $solver->settle(new OperatingConditions(Key::Crank, 0, 110, memory: ['fan-1-relay' => Relay::PULLED_IN]));

        self::assertSame(Relay::RELEASED, $released->position('fan-1-relay'));
        self::assertSame(Relay::PULLED_IN, $held->position('fan-1-relay'));
        self::assertEqualsWithDelta(5.0, $released->voltages->at('battery:+'), 0.05, 'the starter pulls the battery down to what the brief says');
    }

    public function test_charging_holds_its_voltage_until_the_alternator_is_at_its_limit(): void
    {
        $solver = new Solver(Orchard::sizing(['/supply/alternatorIdleA' => 12])->circuit);
        $cold = $solver->settle(new OperatingConditions(Key::Run, 850, 20));
        $hot = $solver->settle(new OperatingConditions(Key::Run, 850, 100));
        $fast = $solver->settle(new OperatingConditions(Key::Run, 3000, 100));

        self::assertEqualsWithDelta(14.2, $cold->voltages->at('battery:+'), 0.05);
        self::assertLessThan(12.6, $hot->voltages->at('battery:+'), 'the battery makes up the difference');
        self::assertEqualsWithDelta(12.0, -$hot->currentA('alternator'), 1e-9);
        self::assertEqualsWithDelta(14.2, $fast->voltages->at('battery:+'), 0.1);
    }

    public function test_a_relay_fed_through_its_own_rest_contact_is_reported_as_chattering(): void
    {
        $brief = Orchard::brief();
        $buzzer = new Buzzer('buzzer', 'K9', Message::verbatim('Relay on its own rest contact'));
        $circuit = new Circuit(['battery' => new Battery($brief->supply), 'buzzer' => $buzzer], [], []);
        $point = (new Solver($circuit))->settle(new OperatingConditions);

        self::assertFalse($point->isSettled());
        self::assertSame(['buzzer'], $point->chattering);
    }
}
