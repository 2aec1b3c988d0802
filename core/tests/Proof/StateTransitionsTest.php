<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Operation\Solver;
use LampThread\Proof\OperatingPhase;
use LampThread\Proof\StateSpace;
use LampThread\Proof\StateTransitions;
use LampThread\Proof\Transition;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What may happen next, and how far that leads. */
final class StateTransitionsTest extends TestCase
{
    public function test_coolant_is_once_in_each_stretch_between_the_switches_temperatures(): void
    {
        $moves = new StateTransitions(Orchard::sizing()->circuit, null, null, false);
        self::assertSame([20.0, 89.5, 102.0], $moves->temperaturesC);

        $two = new StateTransitions(Orchard::sizing(self::twoStages())->circuit, null, null, false);
        self::assertSame([20.0, 89.5, 94.5, 107.0], $two->temperaturesC, 'what one ends at, the other begins at');
    }

    /** Above a lockout of 6500 rpm there is a little left to turn: fast is past it, and not past what an engine stands. */
    public function test_fast_is_a_little_above_the_lockout(): void
    {
        $moves = new StateTransitions(Orchard::sizing(['/control/overrides' => []])->circuit, 6500.0, null, false);
        $fast = self::byCode($moves, new OperatingConditions(Key::Run, 850, $moves->temperaturesC[0]))['engine-speeds-up'];

        self::assertGreaterThan(6500.0, $fast->engineRpm);
        self::assertLessThanOrEqual(7000.0, $fast->engineRpm);
    }

    /** @return array<string, OperatingConditions> code of each transition, without its room, to where it leads */
    public static function byCode(StateTransitions $transitions, OperatingConditions $from): array
    {
        $to = [];
        foreach ($transitions->from($from, []) as $transition) {
            $to[substr($transition->name->code, strlen('transition.'))] = $transition->to;
        }

        return $to;
    }

    /** @return iterable<string, array{OperatingConditions, list<string>}> setting and the moves key and engine can make from it */
    public static function engines(): iterable
    {
        yield 'key out' => [new OperatingConditions, ['key-on']];
        yield 'key on' => [new OperatingConditions(Key::Run), ['key-out', 'cranked']];
        yield 'cranking' => [new OperatingConditions(Key::Crank), ['engine-starts', 'key-back']];
        yield 'idle' => [new OperatingConditions(Key::Run, 850), ['key-out', 'engine-stalls', 'engine-speeds-up']];
        yield 'fast' => [new OperatingConditions(Key::Run, 3000), ['key-out', 'engine-stalls', 'engine-slows']];
    }

    /** @param  list<string>  $expected */
    #[DataProvider('engines')]
    public function test_key_and_engine_go_one_step(OperatingConditions $setting, array $expected): void
    {
        $moves = new StateTransitions(Orchard::sizing(['/control/overrides' => []])->circuit, null, null, false);
        $at = new OperatingConditions($setting->key, $setting->engineRpm, $moves->temperaturesC[0]);

        self::assertSame([...$expected, 'coolant-warms'], array_keys(self::byCode($moves, $at)));
    }

    public function test_every_move_is_taken_back_by_some_others(): void
    {
        $moves = new StateTransitions(Orchard::sizing(self::twoStages())->circuit, null, null, false);
        $space = StateSpace::of(Orchard::sizing(self::twoStages())->circuit, $moves, new Solver(Orchard::sizing(self::twoStages())->circuit));
        $inputs = array_unique(array_map(static fn ($state): string => $state->point->conditions->inputs, $space->states));
        foreach ($space->states as $state) {
            $next = array_map(
                static fn (Transition $transition): string => $transition->to->inputs, iterator_to_array($moves->from($state->point->conditions, []), false),
            );
            self::assertNotEmpty($next, 'no state is a dead end');
            self::assertSame([], array_diff($next, $inputs), 'and none leads out of what was looked at');
        }
    }

    public function test_an_engine_is_sped_up_past_its_lockout(): void
    {
        $changes = ['/control/lockouts' => ['engineSpeed' => ['rpm' => 4000], 'cranking' => false]];
        $moves = new StateTransitions(Orchard::sizing($changes)->circuit, 4000, null, false);
        $idle = new OperatingConditions(Key::Run, 850, $moves->temperaturesC[0], $moves->first()->positions);

        self::assertGreaterThan(4000, self::byCode($moves, $idle)['engine-speeds-up']->engineRpm);
    }

    public function test_an_after_run_by_a_push_starts_when_it_is_pushed_and_only_then(): void
    {
        $circuit = Orchard::sizing(['/control/afterRun' => ['delayS' => 200, 'startedBy' => 'push']])->circuit;
        $moves = new StateTransitions($circuit, null, 200, true);
        $run = new OperatingConditions(Key::Run, 850, $moves->temperaturesC[0], $moves->first()->positions);
        $next = self::byCode($moves, $run);

        self::assertNull($next['key-out']->elapsedS);
        self::assertSame(0.0, $next['after-run-pushed']->elapsedS);
        self::assertSame(200.0, self::byCode($moves, $next['after-run-pushed'])['time-relay-runs-out']->elapsedS);
    }

    public function test_states_are_reached_by_as_few_moves_as_can_be(): void
    {
        $circuit = Orchard::sizing()->circuit;
        $space = StateSpace::of($circuit, new StateTransitions($circuit, null, null, false), new Solver($circuit));
        $depth = [0];
        foreach (array_slice($space->states, 1) as $state) {
            $depth[$state->number] = 1 + $depth[(int) $state->from];
            self::assertGreaterThanOrEqual($depth[$state->number - 1], $depth[$state->number]);
        }
        $phases = array_unique(array_map(static fn ($state): string => OperatingPhase::of($state->point->conditions)->value, $space->states));
        self::assertEqualsCanonicalizing(array_column(OperatingPhase::cases(), 'value'), $phases, 'every phase is reached');
    }

    /** @return array<string, mixed> */
    private static function twoStages(): array
    {
        return Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two at two temperatures']);
    }
}
