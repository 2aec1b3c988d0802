<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Brief\Assumptions;
use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Exchange\JobFile;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Operation\Solver;
use LampThread\Proof\FaultOutcome;
use LampThread\Proof\FaultPairs;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Findings;
use LampThread\Proof\Harm;
use LampThread\Proof\Notice;
use LampThread\Proof\Proof;
use LampThread\Sizing\SupplyBalance;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\TestCase;

/** What is said of a job is its worst case, as the bench finds it. */
final class WorstCaseTest extends TestCase
{
    public function test_the_drain_with_the_key_out_is_that_of_all_fans_together(): void
    {
        $sizing = Orchard::sizing([
            ...SoundJobs::job(12, array_fill(0, 2, ['runA' => 12, 'startA' => 36]), 2), '/control/coilFeed' => 'battery', '/control/afterRun' => ['delayS' => 60],
        ]);
        $onBench = (new Solver($sizing->circuit))->settle(new OperatingConditions(coolantC: 110.0));
        $said = array_values(array_filter(Findings::of($sizing), static fn (Finding $finding): bool => $finding->code === 'runs-with-key-out'))[0];

        self::assertGreaterThan(20.0, -$onBench->currentA(Battery::ID));
        self::assertEqualsWithDelta(-$onBench->currentA(Battery::ID), $said->figures[0]->value->value, 0.05);
    }

    public function test_the_balance_at_idle_has_the_fan_on_that_a_hand_switches(): void
    {
        $sizing = Orchard::sizing([
            ...SoundJobs::job(12, array_fill(0, 1, ['runA' => 16, 'startA' => 48]), 2), '/control/stages/0/decider' => ['kind' => 'hand'], '/control/overrides' => [],
        ]);
        $onBench = (new Solver($sizing->circuit))->settle(
            new OperatingConditions(Key::Run, Assumptions::IDLE_RPM, positions: ['stage-1-switch' => 'on']),
        );

        self::assertEqualsWithDelta($onBench->currentA(Battery::ID), SupplyBalance::of($sizing->brief, $sizing->circuit)->balanceA, 0.05);
    }

    /** A sensor that reads low lets the fan of a stepless controller run slower, which no shortcut may hide. */
    public function test_a_stepless_sensor_that_reads_low_is_felt(): void
    {
        $proof = Proof::of(Orchard::sizing(SoundJobs::all()['12 V, 12 A, stepless']), Orchard::shelf());
        $low = self::fault($proof, 'stage-1-controller', FaultKind::Drifted);

        self::assertNotSame(Harm::Harmless, $low->harm);
        self::assertSame(Notice::Gauge, $low->notice);
    }

    public function test_an_opened_fuse_is_noticed_by_nobody_until_it_is_hot(): void
    {
        $proof = Proof::of(Orchard::sizing(SoundJobs::all()['12 V, 30 A, no override']), Orchard::shelf());

        self::assertSame(Notice::Gauge, self::fault($proof, 'fan-1-fuse', FaultKind::Open)->notice);
    }

    public function test_both_ends_of_an_opening_time_are_told(): void
    {
        $jammed = self::fault(Proof::of(Orchard::sizing(), Orchard::shelf()), 'fan-1', FaultKind::Jammed);

        self::assertNotNull($jammed->opens);
        self::assertGreaterThan($jammed->opens['soonestS'], $jammed->opens['latestS']);
    }

    /** An override that is broken unnoticed, and then the switch: now nobody can run the fan. */
    public function test_a_second_fault_finds_the_first_unnoticed(): void
    {
        $proof = Proof::of(Orchard::sizing(), Orchard::shelf());
        $pairs = new FaultPairs($proof, Orchard::shelf());
        $override = array_values(array_filter($pairs->firsts, static fn (FaultOutcome $fault): bool => $fault->part === 'override'));
        $after = array_map(static fn (FaultOutcome $fault): string => $fault->part.' '.$fault->kind->value, $pairs->after($override[0]));

        self::assertContains('stage-1-switch stuck-off', $after);
        self::assertNotContains('fan-1-fuse open', $after, 'the override never helped against that');
        self::assertTrue(self::fault($proof, 'stage-1-switch', FaultKind::StuckOff)->overrideSaves);
    }

    /** What a refusal says works instead is tried, over every decider and load. */
    public function test_no_refusal_advises_what_is_refused(): void
    {
        $tried = 0;
        foreach (Combination::deciders() as $decider) {
            foreach (Combination::loads() as $load) {
                foreach (['earth', 'supply'] as $side) {
                    foreach ($this->advised($decider, $load, $side) as $trigger) {
                        $changes = Combination::changes($decider, $load, $side, ['compressor' => 'variable', 'trigger' => $trigger]);
                        self::assertNotContains('/control/airConditioning/trigger', self::refusedAt($changes), "{$decider['kind']}: {$trigger}");
                        $tried++;
                    }
                }
            }
        }
        self::assertGreaterThan(100, $tried);
    }

    /**
     * @param  array<string, mixed>  $decider
     * @param  array<string, mixed>  $load
     * @return list<string> triggers the refusal of a variable compressor on the clutch wire names
     */
    private function advised(array $decider, array $load, string $side): array
    {
        try {
            Orchard::files()->brief(Orchard::file(Combination::changes($decider, $load, $side, ['compressor' => 'variable', 'trigger' => 'separate-relay'])));
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            foreach ($refused->problems as $problem) {
                if ($problem->message->code === 'refusal.variable-compressor') {
                    $labels = $problem->message->params['triggers'];

                    return array_values(array_map(
                        static fn (mixed $label): string => $label instanceof Message ? explode('.', $label->code)[2] : '', is_array($labels) ? $labels : [],
                    ));
                }
            }
        }
        self::fail('A variable compressor’s wire was not refused.');
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return list<string>
     */
    private static function refusedAt(array $changes): array
    {
        try {
            Orchard::files()->brief(json_decode(JobFile::encode(Orchard::file($changes)), true));

            return [];
        } catch (InvalidInput $refused) {
            return array_column($refused->problems, 'at');
        }
    }

    private static function fault(Proof $proof, string $part, FaultKind $kind): FaultOutcome
    {
        foreach ($proof->faults as $fault) {
            if ($fault->part === $part && $fault->kind === $kind) {
                return $fault;
            }
        }
        self::fail("{$part} {$kind->value} was not looked at.");
    }
}
