<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Brief\Changes;
use LampThread\Exchange\ProofPresenter;
use LampThread\Exchange\RoadPresenter;
use LampThread\Exchange\Schema;
use LampThread\Exchange\Wording;
use LampThread\Message\Message;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Proof\RemedyEvaluation;
use LampThread\Road\Drives;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Proofs and drives as they go out, and remedies as they are tried. */
final class EvaluatedProofTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function jobs(): iterable
    {
        foreach (Combination::eachDecider() as $name => $changes) {
            yield $name => [$changes];
        }
        foreach (Combination::loads() as $name => $load) {
            yield $name => [Combination::changes(Combination::deciders()['capillary'], $load)];
        }
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('jobs')]
    public function test_every_kind_of_job_is_proven_and_driven_as_the_schemas_say(array $changes): void
    {
        $proof = ProofPresenter::of(Orchard::evaluated($changes), Wording::english());
        (new Schema)->check('proof', json_decode((string) json_encode($proof)));
        self::assertGreaterThan(0, $proof['counts']['solved']);
        self::assertLessThan($proof['counts']['pairs'], $proof['counts']['solved']);

        $brief = Orchard::brief($changes);
        $drive = Drives::standard()['6-stop-after-climb'];
        $outcome = RoadPresenter::outcome(Message::verbatim('x'), $brief, Vehicle::of(Orchard::sizing($changes))->drive($drive));
        $answer = Wording::english()->worded([
            'drive' => RoadPresenter::drive($drive), 'drives' => [], 'unreadableDrives' => [], 'outcomes' => [$outcome],
            'altitudeM' => 0.0, 'boilsC' => 120.0,
        ]);
        (new Schema)->check('road', json_decode((string) json_encode($answer)));
        self::assertLessThanOrEqual(1000, count($outcome['samples']));
    }

    /** @return iterable<string, array{Remedy, bool}> */
    public static function remedies(): iterable
    {
        yield 'that works' => [Remedy::of('adapter-earth-lead', ['/control/stages/0/decider/earthLead' => true]), true];
        yield 'that changes nothing' => [Remedy::of('adapter-earth-lead', ['/job/title' => 'Other']), false];
        yield 'that brings another as bad' => [
            Remedy::of('adapter-earth-lead', ['/control/stages/0/decider/earthLead' => true, '/fans/0/polarityReversed' => true]), false,
        ];
        yield 'that cannot be used' => [Remedy::of('adapter-earth-lead', ['/fans/0/runA' => -1]), false];
    }

    #[DataProvider('remedies')]
    public function test_a_remedy_is_offered_only_when_it_works(Remedy $remedy, bool $isOffered): void
    {
        $spoilt = ['/control/stages/0/decider/earthLead' => false];
        $sizing = Orchard::sizing($spoilt);
        $proof = \LampThread\Proof\Proof::of($sizing, Orchard::shelf(), isQuick: true);
        $changed = static fn (Changes $changes): ?Sizing => isset($changes->byPlace['/fans/0/runA']) ? null : Orchard::sizing([...$spoilt, ...$changes]);
        $finding = array_values(array_filter($proof->findings, static fn (Finding $one): bool => $one->code === 'hose-adapter-no-earth'))[0];
        $tried = (new RemedyEvaluation(Orchard::shelf(), $changed, $sizing->cost()))->evaluated($finding->withRemedies([$remedy]), $proof->findings);

        self::assertCount($isOffered ? 1 : 0, $tried->remedies);
        if ($isOffered) {
            self::assertContainsEquals($finding->title(), $tried->remedies[0]->removes);
            self::assertGreaterThan(0.0, $tried->remedies[0]->cost, 'a lead costs something');
        }
    }

    public function test_a_cause_is_one_finding_that_names_what_comes_with_it(): void
    {
        $findings = Orchard::evaluated(['/pinned/fan-1-wire' => 'metric-0.75'])->findings;
        $wire = array_values(array_filter($findings, static fn (Finding $finding): bool => $finding->subject === 'fan-1-wire'));

        self::assertCount(1, $wire);
        self::assertSame(Severity::Danger, $wire[0]->severity);
        self::assertContains('drop-over-limit', array_map(static fn (Finding $one): string => $one->code, $wire[0]->consequences));
    }
}
