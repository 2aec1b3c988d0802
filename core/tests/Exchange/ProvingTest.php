<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\JobFile;
use LampThread\Exchange\ProofAnswer;
use LampThread\Exchange\Proving;
use LampThread\Exchange\RoadAnswer;
use LampThread\Exchange\Schema;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Proof\Trials;
use LampThread\Road\Drives;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Proofs and drives as they go out, and remedies as they are tried. */
final class ProvingTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function jobs(): iterable
    {
        $decider = Combination::deciders();
        $load = Combination::loads();
        foreach (array_keys($decider) as $name) {
            yield $name => [Combination::changes($decider[$name], $load['one fan'], in_array($name, ['electronic, to supply'], true) ? 'supply' : 'earth')];
        }
        foreach (array_keys($load) as $name) {
            yield $name => [Combination::changes($decider['capillary'], $load[$name])];
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('jobs')]
    public function test_every_kind_of_job_is_proven_and_driven_as_the_schemas_say(array $changes): void
    {
        $proof = ProofAnswer::of(Proving::of(Orchard::file($changes), JobFile::standard(Orchard::shelf()), Orchard::shelf()));
        (new Schema)->check('proof', json_decode((string) json_encode($proof)));
        self::assertGreaterThan(0, $proof['counts']['solved']);
        self::assertLessThan($proof['counts']['pairs'], $proof['counts']['solved']);

        $brief = Orchard::brief($changes);
        $drive = Drives::standard()['6-stop-after-climb'];
        $outcome = RoadAnswer::outcome('x', $brief, Vehicle::of($brief, Orchard::shelf())->drive($drive));
        $answer = ['drive' => RoadAnswer::drive($drive), 'drives' => [], 'outcomes' => [$outcome], 'advice' => [], 'altitudeM' => 0.0, 'boilsC' => 120.0];
        (new Schema)->check('road', json_decode((string) json_encode($answer)));
        self::assertLessThanOrEqual(1000, count($outcome['samples']));
    }

    /** @return iterable<string, array{Remedy, bool}> */
    public static function remedies(): iterable
    {
        yield 'that works' => [new Remedy('Earth it', ['/control/stages/0/decider/earthLead' => true]), true];
        yield 'that changes nothing' => [new Remedy('Rename it', ['/job/title' => 'Other']), false];
        yield 'that brings another as bad' => [
            new Remedy('Earth it badly', ['/control/stages/0/decider/earthLead' => true, '/fans/0/polarityReversed' => true]), false,
        ];
        yield 'that cannot be used' => [new Remedy('Break it', ['/fans/0/runA' => -1]), false];
    }

    #[DataProvider('remedies')]
    public function test_a_remedy_is_offered_only_when_it_works(Remedy $remedy, bool $isOffered): void
    {
        $spoilt = ['/control/stages/0/decider/earthLead' => false];
        $sizing = Orchard::sizing($spoilt);
        $proof = \LampThread\Proof\Proof::of($sizing, Orchard::shelf(), isQuick: true);
        $changed = static fn (array $changes): ?Sizing => isset($changes['/fans/0/runA']) ? null : Orchard::sizing([...$spoilt, ...$changes]);
        $finding = array_values(array_filter($proof->findings, static fn (Finding $one): bool => $one->code === 'hose-adapter-no-earth'))[0];
        $tried = (new Trials(Orchard::shelf(), $changed, $sizing->cost()))->tried($finding->with([$remedy]), $proof->findings);

        self::assertCount($isOffered ? 1 : 0, $tried->remedies);
        if ($isOffered) {
            self::assertContains($finding->title, $tried->remedies[0]->removes);
            self::assertGreaterThan(0.0, $tried->remedies[0]->cost, 'a lead costs something');
        }
    }

    public function test_a_cause_is_one_finding_that_names_what_comes_with_it(): void
    {
        $findings = Proving::of(Orchard::file(['/pinned/fan-1-wire' => 'metric-0.75']), JobFile::standard(Orchard::shelf()), Orchard::shelf())->findings;
        $wire = array_values(array_filter($findings, static fn (Finding $finding): bool => $finding->subject === 'fan-1-wire'));

        self::assertCount(1, $wire);
        self::assertSame(Severity::Danger, $wire[0]->severity);
        self::assertStringContainsString('the fuse lets more through than the wire carries', $wire[0]->reason);
        self::assertStringContainsString('too much voltage is lost', $wire[0]->reason);
    }
}
