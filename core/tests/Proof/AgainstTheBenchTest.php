<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Operation\Solver;
use LampThread\Proof\FaultOutcome;
use LampThread\Proof\Proof;
use LampThread\Proof\SingleFaults;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The proof skips what can change nothing and solves once what stands alike. Here every state is solved by itself for a random twentieth of the
 * faults, and every word and number of the row is the same. `bin/test --long` takes another part each day.
 */
final class AgainstTheBenchTest extends TestCase
{
    private const EVERY = 20;

    /** @return iterable<string, array{Sizing}> */
    public static function jobs(): iterable
    {
        foreach (glob(dirname(Orchard::PATH).'/*.json') ?: [] as $path) {
            yield basename($path) => [Sizing::of(Orchard::files()->brief(Orchard::files()->decode((string) file_get_contents($path))), Orchard::shelf())];
        }
        foreach ([...SoundJobs::all(), 'the original control kept' => Combination::eachDecider()['original']] as $name => $changes) {
            yield $name => [Orchard::sizing($changes)];
        }
    }

    #[DataProvider('jobs')]
    public function test_every_column_of_a_row_is_what_the_solver_finds_without_any_shortcut(Sizing $sizing): void
    {
        $proof = Proof::of($sizing, Orchard::shelf());
        $slow = SingleFaults::of($sizing, $proof->space, Orchard::shelf(), new Solver($sizing->circuit), skipsNothing: true);
        $random = new Randomizer(new Mt19937((int) getenv('LAMP_SEED')));
        $looked = 0;
        $possible = $sizing->circuit->faults();
        foreach ($proof->faults as $fault) {
            if ($random->getInt(1, self::EVERY) > 1 || ! isset($possible[$fault->part])) {
                continue;
            }
            $plain = $slow->outcome($fault->part, $fault->fault);
            self::assertEquals(self::row($plain), self::row($fault), "{$fault->part} {$fault->kind->value}");
            $looked++;
        }
        self::assertGreaterThan(0, $looked);
    }

    /**
     * Without the state that shows it, of which several may, and without how many there were.
     *
     * @return array<string, mixed>
     */
    private static function row(FaultOutcome $outcome): array
    {
        return [
            'harm' => $outcome->harm,
            'figure' => $outcome->figure === null ? null : [$outcome->figure->name, round($outcome->figure->value->value, 2)],
            'words' => array_map(Orchard::english(...), $outcome->effects),
            'opens' => $outcome->opens['fuse'] ?? null,
            'air' => round($outcome->airShare, 3),
            'drain' => round($outcome->drainA, 3),
            'loses' => $outcome->loses,
            'override' => $outcome->overrideSaves,
            'notice' => $outcome->notice,
        ];
    }
}
