<?php

declare(strict_types=1);

namespace LampThread\Tests\Operation;

use Eris\Generators;
use Eris\TestTrait;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Fault\Drifted;
use LampThread\Circuit\Fault\Fault;
use LampThread\Circuit\Fault\Jammed;
use LampThread\Circuit\Fault\Open;
use LampThread\Circuit\Fault\StuckOff;
use LampThread\Network\NodeVoltages;
use LampThread\Operation\ElementAssembly;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A solver remembers; what it remembers never shows in its answers. */
final class SolverMemoryTest extends TestCase
{
    use TestTrait;

    /** Settings and faults nobody chose, in an order nobody chose, asked of one solver and each of a fresh one. */
    public function test_a_solver_that_has_seen_much_answers_as_a_fresh_one(): void
    {
        $circuits = [];
        foreach (['two at two temperatures', 'series and parallel', 'dropping resistor'] as $load) {
            $circuits[] = Orchard::sizing(Combination::changes(
                Combination::deciders()['switch closing when hot'], Combination::loads()[$load], 'earth', null, Combination::overrides()['three-position'],
            ))->circuit;
        }
        $solvers = array_map(static fn ($circuit): Solver => new Solver($circuit), $circuits);
        $this->limitTo(120)->forAll(
            Generators::elements(0, 1, 2),
            Generators::elements(...Key::cases()),
            Generators::choose(0, 130),
            Generators::elements('automatic', 'on', 'off'),
            Generators::elements(0.0, 850.0, 3000.0),
            Generators::choose(0, 10_000),
        )->then(static function (int $which, Key $key, int $coolantC, string $override, float $rpm, int $pick) use ($circuits, $solvers): void {
            $circuit = $circuits[$which];
            $possible = $circuit->faults();
            $part = array_keys($possible)[$pick % count($possible)];
            $fault = $possible[$part][$pick % count($possible[$part])];
            $setting = new OperatingConditions($key, $key === Key::Run ? $rpm : 0.0, (float) $coolantC, ['override' => $override]);
            foreach ([$setting, $setting->withFaults(new Faults([$part => $fault]))] as $asked) {
                self::alike((new Solver($circuit))->settle($asked), $solvers[$which]->settle($asked), "{$part} {$fault->kind->value}");
            }
        });
    }

    /** Breaking a part in a settled state is settling anew from where everything stood. */
    public function test_what_breaks_in_a_state_is_settled_from_where_all_stood(): void
    {
        $circuit = Orchard::sizing()->circuit;
        $solver = new Solver($circuit);
        foreach ([20.0, 110.0] as $coolantC) {
            $sound = $solver->settle(new OperatingConditions(Key::Run, 850, $coolantC));
            foreach ($circuit->faults() as $part => $faults) {
                foreach ($faults as $fault) {
                    $broken = new OperatingConditions(Key::Run, 850, $coolantC, memory: $sound->positions, faults: new Faults([$part => $fault]));
                    self::alike((new Solver($circuit))->settle($broken), $solver->breakIn($sound, $broken), "{$part} {$fault->kind->value}");
                }
            }
        }
    }

    public function test_what_is_made_of_the_same_has_one_key_and_what_is_not_has_another(): void
    {
        $circuit = Orchard::sizing()->circuit;
        $assembly = new ElementAssembly($circuit);
        $idle = new OperatingConditions(Key::Run, 850, 20);
        $fast = new OperatingConditions(Key::Run, 900, 20);
        $key = static fn (OperatingConditions $setting, array $positions = []): string => $assembly->elementSet($setting, $positions)->key;

        self::assertSame($key($idle), $key($fast));
        self::assertNotSame($key($idle), $key(new OperatingConditions(Key::Off)));
        self::assertNotSame($key($idle), $key($idle, ['fan-1-relay' => 1]));
        self::assertNotSame($key($idle), $key(new OperatingConditions(Key::Run, 850, 20, ['override' => 'on'])));
        self::assertNotSame($key($idle), $key($idle->withFaults(new Faults(['W3' => new Open]))));
        self::assertSame($key($idle), $key($idle), 'asked again');
    }

    /** A switch whose contact joins other terminals is another, though contact and name are the same. */
    public function test_the_same_contact_elsewhere_is_not_the_same(): void
    {
        $circuit = Orchard::sizing(Combination::changes(
            Combination::deciders()['switch closing when hot'], Combination::loads()['one fan'], 'supply', null, Combination::overrides()['three-position'],
        ))->circuit;
        $assembly = new ElementAssembly($circuit);
        $key = static fn (string $position): string => $assembly->elementSet(new OperatingConditions(Key::Run, 850, 20, ['override' => $position]), [])->key;

        self::assertCount(3, array_unique(array_map($key, ['automatic', 'on', 'off'])));
    }

    /** Two inputs with the same word in the other's place are another state of the world. */
    public function test_elements_are_kept_by_the_name_of_the_input_not_by_its_word_alone(): void
    {
        $circuit = Orchard::sizing(['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'interposing-relay']])->circuit;
        $conditions = static fn (array $positions): OperatingConditions => new OperatingConditions(Key::Run, 850, 20, $positions);
        $override = $conditions(['override' => 'on']);
        $request = $conditions(['air-conditioning' => 'on']);
        $solver = new Solver($circuit);

        self::assertNotSame($override->inputs, $request->inputs);
        self::assertEqualsWithDelta(0.0, abs($solver->settle($override)->currentA('clutch-coil')), 1e-3);
        self::assertGreaterThan(3.0, abs($solver->settle($request)->currentA('clutch-coil')));
    }

    public function test_a_dead_relay_moves_unfelt_and_a_live_one_does_not(): void
    {
        $circuit = Orchard::sizing()->circuit;
        $assembly = new ElementAssembly($circuit);
        $setting = new OperatingConditions(Key::Run, 850, 110);
        $assembly->elementSet($setting, []);
        $live = (new Solver($circuit))->settle($setting)->voltages;

        self::assertTrue($assembly->movesWithoutEffect('fan-1-relay', 1, 0, $setting, new NodeVoltages([])));
        self::assertFalse($assembly->movesWithoutEffect('fan-1-relay', 1, 0, $setting, $live));
        self::assertFalse($assembly->movesWithoutEffect('fan-1', 1, 0, $setting, $live));
    }

    /** @return iterable<string, array{array<string, Fault>, string}> */
    public static function keys(): iterable
    {
        yield 'nothing' => [[], ''];
        yield 'one' => [['W1' => new Open], 'W1=open&'];
        yield 'two' => [['W1' => new Open, 'fan-1' => new Jammed], 'W1=open&fan-1=jammed&'];
    }

    /** @param  array<string, Fault>  $faults */
    #[DataProvider('keys')]
    public function test_faults_have_a_word_of_their_own(array $faults, string $key): void
    {
        $one = new Faults($faults);
        self::assertSame($key, $one->key);
        self::assertSame($faults === [], $one->isNone());
        self::assertSame(array_keys($faults), $one->parts());
        self::assertSame($key.'W9=stuck-off&', $one->and('W9', new StuckOff)->key);
    }

    public function test_a_drifted_sensor_feels_less(): void
    {
        $setting = (new OperatingConditions(Key::Run, 850, 95))->withFaults(new Faults(['stage-1-switch' => Drifted::low()]));

        self::assertSame(85.0, $setting->readsC('stage-1-switch'));
        self::assertSame(95.0, $setting->readsC('another'));
        $circuit = Orchard::sizing()->circuit;
        self::assertSame(0, (new Solver($circuit))->settle($setting)->position('stage-1-switch'));
        self::assertSame(1, (new Solver($circuit))->settle(new OperatingConditions(Key::Run, 850, 95))->position('stage-1-switch'));
    }

    /** The thermistor of a module has another resistance where it reads wrongly, though all else stands as it did. */
    public function test_a_probe_that_reads_wrongly_is_not_taken_for_the_sound_one(): void
    {
        $circuit = Orchard::sizing(Combination::eachDecider()['stepless'])->circuit;
        $module = array_key_first($circuit->sensors());
        $solver = new Solver($circuit);
        $sound = new OperatingConditions(Key::Run, 850, 93);
        foreach ([Drifted::low(), Drifted::high()] as $fault) {
            $drifted = $sound->withFaults(new Faults([$module => $fault]));
            $before = $solver->settle($sound);
            $after = $solver->settle($drifted);
            self::alike((new Solver($circuit))->settle($drifted), $after, $fault->kind->value);
            self::assertNotEqualsWithDelta($before->currentA("{$module}-probe"), $after->currentA("{$module}-probe"), 1e-6);
        }
    }

    private static function alike(OperatingPoint $expected, OperatingPoint $actual, string $what): void
    {
        if (! $expected->isSettled() || ! $actual->isSettled()) {
            self::assertSame($expected->isSettled(), $actual->isSettled(), $what);

            return;
        }
        self::assertSame($expected->positions, $actual->positions, $what);
        foreach ($expected->currents as $element => $currentA) {
            self::assertEqualsWithDelta($currentA, $actual->currentA($element), 2e-4 + 1e-6 * abs($currentA), "{$what}, {$element}");
        }
    }
}
