<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Control\CircuitBuilder;
use LampThread\Circuit\Control\Compatibility;
use LampThread\Circuit\Control\FanDemand;
use LampThread\Circuit\Control\Kinds;
use LampThread\Circuit\Selection;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Operation\Solver;
use LampThread\Sizing\OperatingEnvelope;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** Every way the choices can be put together: how many are offered, and that each refusal says why and leads nowhere that is refused. */
final class OfferedTest extends TestCase
{
    /** Of every so many combinations one is tried; all of them with LAMP_EVERY=1. */
    private const EVERY = 29;

    public function test_each_combination_is_offered_or_refused_with_a_reason_that_leads_on(): void
    {
        $counted = ['offered' => 0];
        $every = max(1, (int) (getenv('LAMP_EVERY') ?: self::EVERY));
        $at = 0;
        foreach (Combination::all() as $name => [, $changes]) {
            if ($at++ % $every !== 0) {
                continue;
            }
            $problems = self::problems($changes);
            if ($problems === []) {
                $counted['offered']++;
            }
            foreach ($problems as $problem) {
                $counted[$problem->message->code] = ($counted[$problem->message->code] ?? 0) + 1;
                self::assertStringStartsWith('refusal.', $problem->message->code, "{$name}: {$problem->at}");
                self::assertStringStartsWith('/control/', $problem->at, $name);
                self::assertNotSame('', Orchard::english($problem->message));
                $this->triggersItNamesAreTaken($problem->message, $changes, $name);
            }
        }
        arsort($counted);
        if (getenv('LAMP_EVERY') !== false) {
            fwrite(STDERR, "\n".json_encode(['of' => $at] + $counted, JSON_PRETTY_PRINT)."\n");
        }
        self::assertGreaterThan(70, $counted['offered']);
        self::assertGreaterThan(15, count($counted));
    }

    /**
     * What is told to work with a variable compressor does, with what else was chosen.
     *
     * @param  array<string, mixed>  $changes
     */
    private function triggersItNamesAreTaken(Message $reason, array $changes, string $name): void
    {
        $triggers = $reason->params['triggers'] ?? [];
        foreach (is_array($triggers) ? $triggers : [] as $trigger) {
            self::assertInstanceOf(Message::class, $trigger);
            $kind = explode('.', $trigger->code)[2];
            self::assertArrayHasKey($kind, Kinds::triggers());
            $with = self::problems([...$changes, '/control/airConditioning/trigger' => $kind]);
            $about = array_filter($with, static fn (Problem $problem): bool => str_starts_with($problem->at, '/control/airConditioning'));
            self::assertSame([], $about, "{$name}: {$kind} is named and refused");
        }
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return list<Problem>
     */
    private static function problems(array $changes): array
    {
        try {
            return Compatibility::problems(Orchard::files()->brief(Orchard::file($changes)));
        } catch (InvalidInput $refused) {
            return $refused->problems;
        }
    }

    /** Overrides of every two kinds on the same stages, and on stages of their own: refused, or the circuit does what both want together. */
    public function test_every_two_overrides_contradict_or_do_together_what_the_brief_wants(): void
    {
        $taken = 0;
        $kinds = array_keys(Kinds::overrides());
        $base = Combination::changes(Combination::deciders()['computer'], Combination::loads()['two at two temperatures']);
        foreach ($kinds as $one) {
            foreach ($kinds as $other) {
                foreach ([[['stage-1'], ['stage-1']], [['stage-1'], ['stage-2']], [null, null]] as $stages) {
                    $overrides = array_map(
                        static fn (string $kind, ?array $ids): array => ['kind' => $kind, ...($ids === null ? [] : ['stages' => $ids])], [$one, $other], $stages,
                    );
                    $changes = [...$base, '/control/overrides' => $overrides];
                    if (self::problems($changes) === []) {
                        $taken++;
                        $this->doesWhatIsWanted($changes, "{$one} and {$other}");
                    }
                }
            }
        }
        self::assertGreaterThan(30, $taken);
    }

    /** @param  array<string, mixed>  $changes */
    private function doesWhatIsWanted(array $changes, string $name): void
    {
        $brief = Orchard::brief($changes);
        $circuit = CircuitBuilder::build($brief, Selection::generous($brief, Orchard::shelf()));
        $demand = new FanDemand($brief, $circuit);
        $solver = new Solver($circuit);
        foreach (OperatingEnvelope::conditions($circuit) as $conditions) {
            $point = $solver->settle($conditions);
            foreach ($demand->in($conditions) as $fan => $wanted) {
                $isTurning = $point->position($fan) === FanMotor::TURNING;
                self::assertFalse($wanted->runs() && ! $isTurning, "{$name}: {$fan} should run at {$conditions->inputs}");
                self::assertFalse($wanted->rests() && $isTurning, "{$name}: {$fan} should rest at {$conditions->inputs}");
            }
        }
    }
}
