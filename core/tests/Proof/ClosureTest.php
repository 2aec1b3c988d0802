<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Message\InvalidInput;
use LampThread\Proof\Excuse;
use LampThread\Proof\FaultFindings;
use LampThread\Proof\FaultOutcome;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Proof\Harm;
use LampThread\Proof\Proof;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use LampThread\Tests\SoundJobs;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What the fault table calls fire, stranded or damage is said in a finding, or excused by name; and of a sound job nothing is said aloud. */
final class ClosureTest extends TestCase
{
    private const RANDOM_JOBS = 13;

    /** What an installer may have told badly, one of each for a random job. */
    private const TOLD = [
        ['/pinned/fan-1-fuse' => 'blade-40'], ['/pinned/fan-1-wire' => 'metric-1'], ['/pinned/fan-1-fuse' => 'no-fuse'], ['/pinned/coil-fuse' => 'blade-30'],
        ['/runs/battery-to-fuse' => ['lengthM' => 1.5]], ['/runs/feed-to-fuse' => ['lengthM' => 3]], ['/control/coilFeed' => 'starter-terminal'],
        ['/control/coilFeed' => 'alternator-output', '/runs/feed-to-fuse' => ['lengthM' => 0.6]], ['/control/tappedFuseA' => 0, '/runs/feed-to-fuse' => ['lengthM' => 1]],
        ['/control/tappedFuseA' => 40, '/runs/feed-to-fuse' => ['lengthM' => 1]], ['/fans/0/runA' => 30], ['/supply/batteryMilliohm' => 40], [],
    ];

    /** @return iterable<string, array{0: \Closure(): Sizing, 1?: bool}> */
    public static function jobs(): iterable
    {
        foreach (glob(dirname(Orchard::PATH).'/*.json') ?: [] as $path) {
            yield basename($path) => [static fn (): Sizing => Sizing::of(Orchard::files()->brief(Orchard::files()->decode((string) file_get_contents($path))), Orchard::shelf())];
        }
        foreach (SoundJobs::all() as $name => $changes) {
            yield $name => [static fn (): Sizing => Orchard::sizing($changes), true];
        }
        $random = new Randomizer(new Mt19937((int) getenv('LAMP_SEED')));
        $all = Combination::pairs();
        for ($number = 0; $number < self::RANDOM_JOBS; $number++) {
            $name = array_keys($all)[$random->getInt(0, count($all) - 1)];
            $told = self::TOLD[$number % count(self::TOLD)];
            yield "{$number}: {$name}, ".json_encode($told) => [static fn (): Sizing => self::sized($all[$name][0], $told)];
        }
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  array<string, mixed>  $told  left out where it does not go together with them
     */
    private static function sized(array $changes, array $told): Sizing
    {
        try {
            return Orchard::sizing([...$changes, ...$told]);
        } catch (InvalidInput) {
            return Orchard::sizing($changes);
        }
    }

    /** @param  \Closure(): Sizing  $sized */
    #[DataProvider('jobs')]
    public function test_every_danger_of_the_fault_table_is_said_or_excused(\Closure $sized, bool $isSound = false): void
    {
        $sizing = $sized();
        $proof = Proof::of($sizing, Orchard::shelf());
        $aloud = array_filter($proof->findings, static fn (Finding $finding): bool => $finding->severity !== Severity::Note);
        self::assertSame([], $isSound ? array_column($aloud, 'code') : []);
        $said = [];
        foreach ($proof->findings as $finding) {
            array_push($said, ...array_map(static fn (Finding $one): string => $one->code, [$finding, ...$finding->withEveryConsequence()]));
        }
        $looked = 0;
        foreach ($proof->faults as $fault) {
            if (in_array($fault->harm, [Harm::Fire, Harm::Stranded, Harm::Damage], true)) {
                $looked++;
                self::assertTrue(
                    FaultFindings::excuse($fault, $sizing) !== null || in_array(FaultFindings::code($fault), $said, true),
                    "{$fault->harm->value}: {$fault->place} {$fault->kind->value}: ".Orchard::english($fault->effects[0]),
                );
            }
        }
        self::assertGreaterThan(0, $looked);
        $this->isExcusedForWhatItIs($proof);
    }

    /** Every excuse stands in the document that says what is not said. */
    public function test_every_excuse_is_printed(): void
    {
        $printed = (string) file_get_contents(dirname(__DIR__, 3).'/docs/how-it-works.md');
        foreach (Excuse::cases() as $excuse) {
            self::assertStringContainsString(str_replace('No finding: ', '', Orchard::english($excuse->words())), $printed);
        }
    }

    /** A wire that burns is excused only in its first 20 cm from a source (common practice, no source). */
    private function isExcusedForWhatItIs(Proof $proof): void
    {
        $lengths = [];
        foreach ($proof->sizing->circuit->wires as $wire) {
            $lengths[$wire->id] = $wire->segment->lengthM;
        }
        foreach (array_filter($proof->faults, static fn (FaultOutcome $fault): bool => $fault->harm === Harm::Fire && $fault->kind->value === 'chafed') as $fault) {
            if (FaultFindings::excuse($fault, $proof->sizing) !== null) {
                self::assertLessThanOrEqual(0.2, $lengths[$fault->part], $fault->part);
            }
        }
    }
}
