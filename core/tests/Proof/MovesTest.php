<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Electrics\Key;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Solver;
use LampThread\Proof\Moves;
use LampThread\Proof\Phase;
use LampThread\Proof\StateSpace;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What may happen next, and how far that leads. */
final class MovesTest extends TestCase
{
    public function test_coolant_is_once_in_each_stretch_between_the_switches_temperatures(): void
    {
        $moves = new Moves(Orchard::sizing()->circuit, null, null, false);
        self::assertSame([20.0, 89.5, 102.0], $moves->temperaturesC);

        $two = new Moves(Orchard::sizing(self::twoStages())->circuit, null, null, false);
        self::assertSame([20.0, 89.5, 94.5, 107.0], $two->temperaturesC, 'what one ends at, the other begins at');
    }

    /** @return iterable<string, array{Setting, list<string>}> setting and the moves key and engine can make from it */
    public static function engines(): iterable
    {
        yield 'key out' => [new Setting, ['key on']];
        yield 'key on' => [new Setting(Key::Run), ['key out', 'cranked']];
        yield 'cranking' => [new Setting(Key::Crank), ['engine starts', 'key back']];
        yield 'idle' => [new Setting(Key::Run, 850), ['key out', 'engine stalls', 'engine speeds up']];
        yield 'fast' => [new Setting(Key::Run, 3000), ['key out', 'engine stalls', 'engine slows']];
    }

    /** @param  list<string>  $expected */
    #[DataProvider('engines')]
    public function test_key_and_engine_go_one_step(Setting $setting, array $expected): void
    {
        $moves = new Moves(Orchard::sizing(['/control/override' => null])->circuit, null, null, false);
        $at = new Setting($setting->key, $setting->engineRpm, $moves->temperaturesC[0]);

        self::assertSame([...$expected, 'coolant warms'], array_keys(iterator_to_array($moves->from($at, []))));
    }

    public function test_every_move_is_taken_back_by_some_others(): void
    {
        $moves = new Moves(Orchard::sizing(self::twoStages())->circuit, null, null, false);
        $space = StateSpace::of(Orchard::sizing(self::twoStages())->circuit, $moves, new Solver(Orchard::sizing(self::twoStages())->circuit));
        $inputs = array_unique(array_map(static fn ($state): string => $state->point->setting->inputs, $space->states));
        foreach ($space->states as $state) {
            $next = array_map(static fn (Setting $setting): string => $setting->inputs, iterator_to_array($moves->from($state->point->setting, [])));
            self::assertNotEmpty($next, 'no state is a dead end');
            self::assertSame([], array_diff($next, $inputs), 'and none leads out of what was looked at');
        }
    }

    public function test_an_engine_is_sped_up_past_its_lockout(): void
    {
        $changes = ['/control/lockouts' => ['aboveRpm' => 4000, 'cranking' => false]];
        $moves = new Moves(Orchard::sizing($changes)->circuit, 4000, null, false);
        $idle = new Setting(Key::Run, 850, $moves->temperaturesC[0], $moves->first()->positions);

        self::assertGreaterThan(4000, iterator_to_array($moves->from($idle, []))['engine speeds up']->engineRpm);
    }

    public function test_an_after_run_by_a_push_starts_when_it_is_pushed_and_only_then(): void
    {
        $circuit = Orchard::sizing(['/control/afterRun' => ['delayS' => 200, 'isPush' => true]])->circuit;
        $moves = new Moves($circuit, null, 200, true);
        $run = new Setting(Key::Run, 850, $moves->temperaturesC[0], $moves->first()->positions);
        $next = iterator_to_array($moves->from($run, []));

        self::assertNull($next['key out']->elapsedS);
        self::assertSame(0.0, $next['after-run pushed']->elapsedS);
        self::assertSame(200.0, iterator_to_array($moves->from($next['after-run pushed'], []))['time relay runs out']->elapsedS);
    }

    public function test_states_are_reached_by_as_few_moves_as_can_be(): void
    {
        $circuit = Orchard::sizing()->circuit;
        $space = StateSpace::of($circuit, new Moves($circuit, null, null, false), new Solver($circuit));
        $depth = [0];
        foreach (array_slice($space->states, 1) as $state) {
            $depth[$state->number] = 1 + $depth[(int) $state->from];
            self::assertGreaterThanOrEqual($depth[$state->number - 1], $depth[$state->number]);
        }
        $phases = array_unique(array_map(static fn ($state): string => Phase::of($state->point->setting)->value, $space->states));
        self::assertEqualsCanonicalizing(array_column(Phase::cases(), 'value'), $phases, 'every phase is reached');
    }

    /** @return array<string, mixed> */
    private static function twoStages(): array
    {
        return Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two at two temperatures']);
    }
}
