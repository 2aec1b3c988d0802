<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Brief\Stretch;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Control\FanDemand;
use LampThread\Circuit\Wire;
use LampThread\Exchange\EvaluatedProof;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\ProofPresenter;
use LampThread\Exchange\Schema;
use LampThread\Exchange\Wording;
use LampThread\Message\Message;
use LampThread\Operation\Solver;
use LampThread\Proof\Behaviours;
use LampThread\Proof\Comparison;
use LampThread\Proof\Proof;
use LampThread\Proof\ProofSummary;
use LampThread\Proof\State;
use LampThread\Proof\StateTransitions;
use LampThread\Scenario\Limits;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Operation\Ngspice;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Every state and every single fault. */
final class ProofTest extends TestCase
{
    /** Pairs of state and fault that ngspice is asked about, of each demo job. */
    private const SAMPLED = 12;

    /** @var array<string, Proof> */
    private static array $proofs = [];

    /** @return iterable<string, array{string}> */
    public static function demo(): iterable
    {
        foreach (glob(dirname(Orchard::PATH).'/*.json') ?: [] as $path) {
            yield basename($path, '.lampthread.json') => [$path];
        }
    }

    #[DataProvider('demo')]
    public function test_every_state_is_reached_by_one_move_after_another(string $path): void
    {
        $states = self::proof($path)->space->states;
        foreach ($states as $number => $state) {
            self::assertSame($number, $state->number);
            self::assertTrue($state->from === null ? $number === 0 : $state->from < $number);
        }
        $keys = array_map(static fn (State $state): string => $state->point->conditions->inputs.implode(',', $state->point->positions), $states);
        self::assertSame(count($keys), count(array_unique($keys)), 'no state is there twice');
        foreach (Key::cases() as $key) {
            self::assertNotEmpty(array_filter($states, static fn (State $state): bool => $state->point->conditions->key === $key));
        }
    }

    /** Between its two temperatures a switch is found hot and cold, each where the coolant came from. */
    public function test_hysteresis_is_reached_both_ways(): void
    {
        $positions = [];
        foreach (self::proof(Orchard::PATH)->space->states as $state) {
            if ($state->point->conditions->coolantC > 86 && $state->point->conditions->coolantC < 92) {
                $positions[$state->point->position('stage-1-switch')] = true;
            }
        }

        self::assertCount(2, $positions);
    }

    /**
     * What was kept, shared and begun from elsewhere is what a solver that has seen nothing finds.
     */
    #[DataProvider('demo')]
    public function test_every_state_stands_as_a_fresh_solver_has_it(string $path): void
    {
        $proof = self::proof($path);
        foreach ($proof->space->states as $state) {
            $fresh = (new Solver($proof->sizing->circuit))->settle($state->point->conditions);
            self::assertSame($fresh->positions, $state->point->positions, $state->transition->code);
            foreach ($fresh->currents as $element => $currentA) {
                self::assertEqualsWithDelta($currentA, $state->point->currentA($element), 1e-4, $element);
            }
        }
    }

    /** `bin/test --long` takes another sample each day, so that in time all are asked about. */
    #[DataProvider('demo')]
    public function test_sampled_pairs_of_state_and_fault_agree_with_ngspice(string $path): void
    {
        $proof = self::proof($path);
        $seed = (int) getenv('LAMP_SEED');
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
        $solver = new Solver($proof->sizing->circuit);
        $points = [];
        while (count($points) < self::SAMPLED) {
            $state = $proof->space->states[$random->getInt(0, count($proof->space->states) - 1)];
            $fault = $proof->faults[$random->getInt(0, count($proof->faults) - 1)];
            $point = $solver->breakIn($state->point, $state->point->conditions->withFaults(new Faults([$fault->part => $fault->fault])));
            if ($point->isSettled()) {
                $points["seed {$seed}, {$state->number}, {$fault->part} {$fault->kind->value}"] = $point;
            }
        }
        Ngspice::assertAgrees($points);
    }

    /** Faults that were not solved, because nothing can come of them, do nothing when they are. */
    public function test_what_was_not_solved_changes_no_fan(): void
    {
        $proof = self::proof(dirname(Orchard::PATH).'/larkspur-camper.lampthread.json');
        $circuit = $proof->sizing->circuit;
        $solver = new Solver($circuit);
        $changeless = new \LampThread\Scenario\FaultsWithoutEffect($circuit);
        $looked = 0;
        foreach ($proof->space->distinct() as $state) {
            foreach ($circuit->faults() as $part => $faults) {
                foreach ($faults as $fault) {
                    if (! $changeless->includes($part, $fault, $state->point)) {
                        continue;
                    }
                    $after = $solver->breakIn($state->point, $state->point->conditions->withFaults(new Faults([$part => $fault])));
                    foreach ($circuit->each(FanMotor::class) as $motor) {
                        self::assertEqualsWithDelta($state->point->currentA($motor->id), $after->currentA($motor->id), 1e-3, "{$part} {$fault->kind->value}");
                    }
                    $looked++;
                }
            }
        }
        self::assertGreaterThan(200, $looked);
    }

    public function test_too_many_states_are_bounded_and_it_is_said(): void
    {
        $proof = Proof::of(Orchard::sizing(), Orchard::shelf(), mostStates: 10);

        self::assertCount(10, $proof->space->states);
        self::assertEquals(Message::of('proof.states-left-out', most: 10), $proof->space->leftOut);
        self::assertNull(self::proof(Orchard::PATH)->space->leftOut);
    }

    /** The ignition held up through the fan: a wire from the fan's plus to the tapped ignition feed. Common practice, no source. */
    public function test_an_ignition_kept_alive_is_seen(): void
    {
        $sizing = Orchard::sizing(['/control/coilFeed' => 'ignition']);
        $wire = $sizing->circuit->wires[0];
        $held = [
            ...$sizing->circuit->wires,
            new Wire('W99', 'fan-1:+', 'key:15', Stretch::Dash, $wire->segment, Colour::Trigger, $wire->group, $wire->conductor, 60),
        ];
        foreach ([[$sizing->circuit->wires, true], [$held, 'key']] as [$wires, $expected]) {
            $circuit = new Circuit($sizing->circuit->components, $wires, $sizing->circuit->wireGroups);
            $brief = $sizing->brief;
            $limits = new Limits($circuit, $brief, Orchard::shelf());
            $solver = new Solver($circuit);
            $running = $solver->settle(new OperatingConditions(Key::Run, 850, 110));
            $out = $solver->settle(new OperatingConditions(Key::Off, 0, 110, memory: $running->positions));
            $behaviours = array_column((new Behaviours($brief, $circuit, $limits))->all(), null, 'id');

            self::assertSame($expected, $behaviours['ignition-not-fed-back']->in($out, (new FanDemand($brief, $circuit))->in($out->conditions)));
        }
    }

    #[DataProvider('demo')]
    public function test_the_answer_fits_its_schema_and_every_state_it_names_is_there(string $path): void
    {
        $file = json_decode((string) file_get_contents($path), true);
        $answer = json_decode(
            (string) json_encode(
                ProofPresenter::of(EvaluatedProof::of($file, JobFile::standard(Orchard::shelf()), Orchard::shelf(), self::proof($path)), Wording::english()),
            ),
        );
        (new Schema)->check('proof', $answer);
        $there = array_column($answer->states, 'number');
        foreach ($answer->states as $state) {
            self::assertNotEmpty($state->moves, 'what leads to a state is told');
        }
        foreach ([...$answer->faults, ...$answer->findings] as $one) {
            self::assertTrue($one->shownBy === null || in_array($one->shownBy, $there, true));
        }
    }

    public function test_a_comparison_says_what_got_better_and_worse(): void
    {
        $before = Proof::of(Orchard::sizing(['/control/stages/0/decider/earthLead' => false]), Orchard::shelf());
        $after = self::proof(Orchard::PATH);
        $comparison = Comparison::of(ProofSummary::of($before), ProofSummary::of($after));
        $back = Comparison::of(ProofSummary::of($after), ProofSummary::of($before));

        self::assertContainsEquals(Message::of('finding.hose-adapter-no-earth.title', opensWhenHot: false), array_column($comparison->better, 'what'));
        self::assertEquals(array_column($comparison->better, 'what'), array_column($back->worse, 'what'));
        self::assertEquals([], Comparison::of(ProofSummary::of($after), ProofSummary::of($after))->worse);
    }

    public function test_moves_are_one_thing_at_a_time(): void
    {
        $circuit = Orchard::sizing(['/control/afterRun' => ['delayS' => 200]])->circuit;
        $moves = new StateTransitions($circuit, null, 200, false);
        $run = new OperatingConditions(Key::Run, 850, $moves->temperaturesC[0], $moves->first()->positions);
        $from = StateTransitionsTest::byCode($moves, $run);

        self::assertSame(['key-out', 'engine-stalls', 'engine-speeds-up', 'coolant-warms', 'input'], array_keys($from));
        self::assertSame(0.0, $from['key-out']->elapsedS);
        self::assertArrayHasKey('time-relay-runs-out', StateTransitionsTest::byCode($moves, $from['key-out']));
    }

    private static function proof(string $path): Proof
    {
        return self::$proofs[$path] ??= Proof::of(
            Sizing::of(JobFile::standard(Orchard::shelf())->brief(json_decode((string) file_get_contents($path), true)), Orchard::shelf()),
            Orchard::shelf(),
        );
    }

    /** A motor that a controller leaves at kilohms between two relays is held by so little that rounding moves it. */
    #[TestWith([4.0, 10, 4.0])]
    #[TestWith([12.0, 20, 8.0])]
    #[TestWith([18.0, 20, 12.0])]
    public function test_a_stepless_controller_of_any_duty_and_span_is_proven(float $runA, int $leastDutyPercent, float $spanK): void
    {
        $decider = [...Combination::deciders()['stepless'], 'onC' => 92, 'offC' => 87, 'spanK' => $spanK, 'leastDutyPercent' => $leastDutyPercent];
        $proof = Proof::of(Orchard::sizing([
            '/control/stages/0/decider' => ['place' => 'core-outlet', ...$decider], '/control/overrides' => [], '/fans/0/runA' => $runA,
        ]), Orchard::shelf());
        self::assertNotEmpty($proof->faults);
    }
}
