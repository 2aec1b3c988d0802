<?php

declare(strict_types=1);

namespace LampThread\Tests\Plans;

use LampThread\Brief\Changes;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\PlanReader;
use LampThread\Exchange\PlanSpace;
use LampThread\Message\InvalidInput;
use LampThread\Plans\Complaint;
use LampThread\Plans\Conflict;
use LampThread\Plans\Criterion;
use LampThread\Plans\Draft;
use LampThread\Plans\FaultCount;
use LampThread\Plans\Front;
use LampThread\Plans\Judge;
use LampThread\Plans\Judged;
use LampThread\Plans\Plan;
use LampThread\Plans\Search;
use LampThread\Plans\Selection;
use LampThread\Plans\WhyNot;
use LampThread\Proof\FaultOutcome;
use LampThread\Proof\Harm;
use LampThread\Proof\Proof;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Handover\Workshop;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is tried, how it is judged, and what an experienced installer expects to come of it (common practice, no source). */
final class PlanSpaceTest extends TestCase
{
    private const START = __DIR__.'/../../data/start.lampthread.json';

    public function test_every_arrangement_that_fits_is_tried_and_none_twice(): void
    {
        $nothing = self::drafts([]);
        self::assertEqualsCanonicalizing(
            ['one-fan-switch', 'one-fan-thermostat', 'two-fans-two-temperatures', 'two-fans-stepless'], self::chosen($nothing, 'arrangement'),
            'with no compressor the clutch relay is the same as one fan',
        );
        $computer = self::chosen(self::drafts(['switchedBy' => 'computer', 'compressor' => 'variable']), 'arrangement');
        foreach (['two-outputs', 'series-parallel'] as $one) {
            self::assertContains("computer-{$one}", $computer);
        }
        foreach (['earlier-switch', 'change-over', 'plug-low-high'] as $one) {
            self::assertContains("original-{$one}", $computer);
        }
        self::assertNotContains('original-relays-replaced', $computer, 'nobody has told of the relays that are there');
        self::assertContains('original-switch-taken-over', self::chosen(self::drafts(['switchedBy' => 'switch']), 'arrangement'));
        $ids = array_map(static fn (Draft $draft): string => $draft->id(), $nothing);
        self::assertSame($ids, array_unique($ids));
    }

    /** Whoever complains of warm air conditioning is offered nothing that leaves its condenser without air; otherwise it may stay as it is, told as such. */
    public function test_warm_air_conditioning_is_answered(): void
    {
        $asked = self::drafts(['complaints' => ['warm-air-conditioning'], 'compressor' => 'clutch']);
        $traffic = self::drafts(['complaints' => ['hot-in-traffic'], 'compressor' => 'clutch']);
        $triggers = static fn (array $drafts): array => array_values(array_unique(array_map(
            static fn (Draft $draft): string => $draft->changes->byPlace['/control']['airConditioning']['trigger'] ?? 'none', $drafts,
        )));

        self::assertNotContains('nothing', $triggers($asked));
        self::assertContains('nothing', $triggers($traffic));
        self::assertNotContains('none', $triggers($traffic), 'there is a compressor');
        self::assertContains('interposing-relay', $triggers($asked));
    }

    public function test_what_is_asked_for_opens_respects(): void
    {
        self::assertSame(['none'], self::chosen(self::drafts([]), 'after-run'));
        self::assertContains('after-run', self::chosen(self::drafts(['complaints' => ['heat-soak']]), 'after-run'));
        self::assertNotContains('cut-out', self::chosen(self::drafts([]), 'override'));
        self::assertContains('cut-out', self::chosen(self::drafts(['wishes' => ['water-crossing' => 'must']]), 'override'));
        self::assertContains('interposing-relay', self::chosen(self::drafts(['compressor' => 'clutch']), 'trigger'));
        $variable = self::chosen(self::drafts(['compressor' => 'variable']), 'trigger');
        self::assertContains('pressure-switch', $variable);
        self::assertSame([], array_intersect(['separate-relay', 'interposing-relay'], $variable), 'a variable compressor never triggers by its permanent signal');
    }

    public function test_fans_at_hand_are_tried_with_their_own_figures_and_told_lengths_stay(): void
    {
        $file = self::file([
            '/candidates' => [['name' => 'slim', 'diameterMm' => 300, 'depthMm' => 50, 'ratedV' => 13, 'runA' => 7, 'startA' => 20, 'flowM3h' => 1500, 'price' => 60]],
        ]);
        $runs = ['fuse-to-relay' => ['lengthM' => 2.5], 'relay-to-fan@fan-1-wire' => ['lengthM' => 3]];
        $space = new PlanSpace([...$file, 'runs' => $runs], PlanReader::read([]));
        $slim = array_values(array_filter($space->drafts(), static fn (Draft $draft): bool => $draft->choices['fan'] === 'slim'));
        self::assertNotSame([], $slim);
        self::assertSame(7, $slim[0]->changes->byPlace['/fans'][0]['runA']);
        self::assertSame(['fuse-to-relay' => ['lengthM' => 2.5]], $slim[0]->changes->byPlace['/runs'], 'a length of one wire alone belongs to what was wired');
        self::assertGreaterThanOrEqual(60.0, $space->unpricedCost($slim[0]), 'it must be bought');
        $isTold = static fn (Draft $draft): bool => $draft->choices['fan'] === 'radiator' && $draft->choices['arrangement'] === 'one-fan-switch';
        $told = array_values(array_filter($space->drafts(), $isTold));
        self::assertLessThan(60.0, $space->unpricedCost($told[0]), 'this one is there');
    }

    /** The job's own count beside the proof over every state; wrong by what only moments show, and by what only the proof calls stranded. */
    public function test_faults_that_strand_are_those_a_proof_finds(): void
    {
        foreach (['orchard-sprayer', 'kestrel-single-seater', 'dunmore-fire-tender'] as $job) {
            $sizing = Workshop::sizing($job);
            $isCounted = static fn (FaultOutcome $fault): bool => $fault->harm === Harm::Stranded && $fault->overrideSaves !== true && ! $fault->fault->isByHand()
                && isset($sizing->circuit->faults()[$fault->part]) && is_infinite($fault->fault->lastsS());
            $proven = array_filter(Proof::of($sizing, Orchard::shelf())->faults, $isCounted);
            self::assertEqualsWithDelta(count($proven), FaultCount::of($sizing, Orchard::shelf())->strands, 4, $job);
        }
    }

    public function test_two_fans_find_room_on_the_core_or_are_out(): void
    {
        $fit = ['coreWidthMm' => 520, 'coreHeightMm' => 430, 'shroudPercent' => 85, 'flaps' => false];
        $all = self::searched(self::file(['/fit' => $fit]), ['complaints' => ['hot-in-traffic']]);
        foreach ($all as $one) {
            self::assertSame(count($one->draft->changes->byPlace['/fans']) > 1, in_array('room', $one->broken, true), $one->draft->id());
        }
    }

    public function test_the_few_that_are_shown_are_different_and_stand_when_proven(): void
    {
        $all = self::searched(self::file([]), ['complaints' => ['hot-in-traffic']]);
        $front = self::front($all);
        $selection = new Selection($front, [Complaint::HotInTraffic], 92.0);
        $shown = $selection->plans(static fn (Judged $one): bool => true);
        self::assertGreaterThanOrEqual(3, count($shown));
        self::assertLessThanOrEqual(6, count($shown));
        self::assertTrue($shown[0]->isBalance);
        self::assertSame(min([INF, ...array_map($selection->total(...), $front)]), $selection->total($shown[0]->judged));
        foreach ($shown as $at => $plan) {
            foreach (array_slice($shown, $at + 1) as $other) {
                self::assertGreaterThan(0, $plan->judged->draft->differsFrom($other->judged->draft));
            }
        }
        $refused = $selection->plans(static fn (Judged $one): bool => $one !== $shown[0]->judged);
        self::assertNotContains($shown[0]->number, array_map(static fn (Plan $plan): int => $plan->number, $refused), 'what does not stand is not shown');
        self::assertGreaterThan($selection->weights()[Criterion::Cost->value], $selection->weights()[Criterion::PeakC->value], 'what is complained of counts twice over');
    }

    public function test_why_not_names_the_wish_or_the_plan_that_beats_it(): void
    {
        $all = self::searched(self::file([]), ['wishes' => ['no-coolant-opened' => 'must']]);
        $front = self::front($all);
        $selection = new Selection($front, [], 92.0);
        $switch = WhyNot::of('arrangement', 'one-fan-switch', $all, $front, $selection);
        self::assertSame(['no-coolant-opened'], $switch?->broken, 'a switch in the housing wants the coolant drained');
        self::assertNull(WhyNot::of('arrangement', 'computer-two-outputs', $all, $front, $selection), 'it was not tried');
        $thermostat = WhyNot::of('arrangement', 'one-fan-thermostat', $all, $front, $selection);
        self::assertSame([], $thermostat?->broken);
        self::assertNotNull($thermostat->best);
    }

    public function test_wishes_that_stand_against_each_other_are_named_with_the_nearest_plan(): void
    {
        $all = self::searched(self::file([]), ['wishes' => ['stock-look' => 'must', 'override' => 'must']]);
        self::assertSame([], array_filter($all, static fn (Judged $one): bool => $one->isDone));
        $conflict = Conflict::of(array_values($all));
        self::assertEqualsCanonicalizing(['stock-look', 'override'], $conflict->against);
        self::assertCount(1, $conflict->nearest->broken ?? []);
        self::assertSame(['cost'], Conflict::of(array_values(self::searched(self::file([]), ['mostCost' => 1.0])))->against, 'one wish that none meets');
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, \Closure(Draft): bool}> */
    public static function practice(): iterable
    {
        yield 'a small off-road machine gets a fan switched by its own thermostat from the battery' => [
            [
                '/heat' => ['ratedKw' => 22, 'engineKg' => 45], '/cooling/coolantLitres' => 2.5, '/supply/alternatorIdleA' => 14, '/supply/alternatorRatedA' => 22,
                '/supply/batteryAh' => 18, '/supply/baseLoadA' => 4, '/fans/0/runA' => 6, '/fans/0/startA' => 18, '/fans/0/flowM3h' => 1100, '/fans/0/diameterMm' => 250,
                '/fit' => ['coreWidthMm' => 300, 'coreHeightMm' => 280, 'shroudPercent' => 90, 'flaps' => false],
            ],
            ['complaints' => ['hot-in-traffic'], 'wishes' => ['no-coolant-opened' => 'must', 'runs-key-out' => 'must']],
            static fn (Draft $draft): bool => $draft->choices['arrangement'] === 'one-fan-thermostat' && $draft->changes->byPlace['/control']['coilFeed'] === 'battery',
        ];
        yield 'a vehicle whose computer has fan outputs keeps them' => [
            [], ['switchedBy' => 'computer', 'compressor' => 'variable', 'wishes' => ['keeps-computer' => 'must', 'reversible' => 'must']],
            static fn (Draft $draft): bool => in_array($draft->choices['arrangement'], ['computer-two-outputs', 'computer-series-parallel'], true),
        ];
        yield 'a hill-climb car with heat soak gets a run-on within its battery' => [
            ['/supply/batteryAh' => 20], ['complaints' => ['heat-soak', 'hot-on-climbs'], 'wishes' => ['runs-key-out' => 'must']],
            static fn (Draft $draft): bool => $draft->choices['after-run'] === 'after-run' || $draft->changes->byPlace['/control']['coilFeed'] === 'battery',
        ];
    }

    /**
     * @param  array<string, mixed>  $vehicle
     * @param  array<string, mixed>  $asked
     * @param  \Closure(Draft): bool  $isExpected
     */
    #[DataProvider('practice')]
    public function test_the_best_balance_is_what_an_installer_would_choose(array $vehicle, array $asked, \Closure $isExpected): void
    {
        $all = self::searched(self::file($vehicle), $asked, 24);
        $front = self::front($all);
        self::assertNotSame([], $front);
        $shown = (new Selection($front, PlanReader::read($asked)->question->complaints, 92.0))->plans(static fn (Judged $one): bool => true);
        self::assertTrue($isExpected($shown[0]->judged->draft), $shown[0]->judged->draft->id());
        self::assertLessThan(0.5, $shown[0]->judged->figures?->of(Criterion::ChargeUsed), 'it still starts');
    }

    public function test_a_chosen_plan_is_proven_by_the_plain_solver_and_its_band_holds_its_peak(): void
    {
        $file = self::file([]);
        $asked = PlanReader::read(['complaints' => ['hot-in-traffic']]);
        $draft = (new PlanSpace($file, $asked))->drafts()[0];
        $judge = new Judge(self::sizing($file, $draft), Orchard::shelf(), $asked->question);
        self::assertSame([], $judge->provenDangers());
        [$least, $most] = $judge->bandC();
        $peakC = $judge->driven()[Criterion::PeakC->value];
        self::assertGreaterThan($least, $peakC);
        self::assertLessThan($most, $peakC);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badQuestions(): iterable
    {
        yield 'a complaint there is not' => [['complaints' => ['hot-in-church']], '/complaints'];
        yield 'a wish there is not' => [['wishes' => ['cheap' => 'must']], '/wishes'];
        yield 'a strength there is not' => [['wishes' => ['override' => 'perhaps']], '/wishes/override'];
        yield 'who switches' => [['switchedBy' => 'a monkey'], '/switchedBy'];
        yield 'a compressor there is not' => [['compressor' => 'steam'], '/compressor'];
        yield 'air conditioning without a compressor' => [['wishes' => ['air-conditioning-covered' => 'must']], '/wishes/air-conditioning-covered'];
    }

    /** @param  array<string, mixed>  $asked */
    #[DataProvider('badQuestions')]
    public function test_what_cannot_be_asked_is_named(array $asked, string $at): void
    {
        try {
            PlanReader::read($asked);
            self::fail('it was taken');
        } catch (InvalidInput $invalid) {
            self::assertSame($at, $invalid->problems[0]->at);
        }
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return list<Draft>
     */
    private static function drafts(array $asked): array
    {
        return (new PlanSpace(self::file([]), PlanReader::read($asked)))->drafts();
    }

    /**
     * @param  list<Draft>  $drafts
     * @return list<string>
     */
    private static function chosen(array $drafts, string $respect): array
    {
        return array_values(array_unique(array_map(static fn (Draft $draft): string => $draft->choices[$respect], $drafts)));
    }

    /**
     * @param  array<string, mixed>  $file
     * @param  array<string, mixed>  $asked
     * @param  int  $most  drafts that are judged; one of each arrangement comes first
     * @return array<int, Judged> by number
     */
    private static function searched(array $file, array $asked, int $most = 10): array
    {
        $read = PlanReader::read($asked);
        $space = new PlanSpace($file, $read);
        $search = new Search(Orchard::shelf(), $read->question, new Front);
        $all = [];
        foreach (array_slice($space->drafts(), 0, $most) as $number => $draft) {
            try {
                $judged = $search->judged($draft, self::sizing($file, $draft), $space->unpricedCost($draft));
            } catch (InvalidInput) {
                continue;
            }
            foreach ($judged as $at => $one) {
                $all[10 * $number + $at] = $one;
            }
        }

        return $all;
    }

    /**
     * @param  array<int, Judged>  $all
     * @return array<int, Judged>
     */
    private static function front(array $all): array
    {
        $front = new Front;
        foreach ($all as $number => $one) {
            if ($one->isDone && $one->figures !== null) {
                $front->add((string) $number, $one->figures);
            }
        }

        return array_intersect_key($all, $front->members());
    }

    /** @param  array<string, mixed>  $file */
    private static function sizing(array $file, Draft $draft): Sizing
    {
        return Sizing::of(Orchard::files()->checked(JobDocument::of($file)->with($draft->changes)), Orchard::shelf());
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private static function file(array $changes): array
    {
        $start = Orchard::files()->decode((string) file_get_contents(self::START));

        return Orchard::files()->decode(JobFile::encode(JobDocument::of($start)->with(Changes::of($changes))->file));
    }
}
