<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Brief\Assumptions;
use LampThread\Message\Message;
use LampThread\Proof\BehaviourRow;
use LampThread\Proof\FaultEffects;
use LampThread\Proof\FaultOutcome;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Proof\Harm;
use LampThread\Proof\Proof;
use LampThread\Proof\Rule\AfterRunDrain;
use LampThread\Proof\Rule\BrokenConstraints;
use LampThread\Proof\Rule\CoreCover;
use LampThread\Proof\Rule\Cranking;
use LampThread\Proof\Rule\DrivesTooHot;
use LampThread\Proof\Rule\EngineDrivenFan;
use LampThread\Proof\Rule\FanClearance;
use LampThread\Proof\Rule\FanDirection;
use LampThread\Proof\Rule\FanFigures;
use LampThread\Proof\Rule\KeyOut;
use LampThread\Proof\Rule\OverrideIndication;
use LampThread\Proof\Rule\ProbePlace;
use LampThread\Proof\Rule\Rule;
use LampThread\Proof\Rule\SetPoints;
use LampThread\Proof\Rule\StillCoolant;
use LampThread\Proof\Rule\UnfusedLength;
use LampThread\Proof\Rule\UnknownLowSpeed;
use LampThread\Road\Drive;
use LampThread\Road\Drives;
use LampThread\Road\Simulation;
use LampThread\Road\Vehicle;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a rule says and offers where it speaks: the words an installer reads, and the change he presses. */
final class RulesAtWorkTest extends TestCase
{
    private const DECIDER = '/control/stages/0/decider';

    /** @return iterable<string, array{Rule, array<string, mixed>, list<array<string, mixed>>}> rule, what is told, what its remedies change */
    public static function remedies(): iterable
    {
        yield 'a sensor past which nothing moves goes where it moves' => [
            new StillCoolant, [self::DECIDER.'/coolantStands' => true, self::DECIDER.'/place' => 'radiator-inlet'],
            [[self::DECIDER.'/place' => 'engine-outlet', self::DECIDER.'/coolantStands' => false]],
        ];
        yield 'one at the engine has nowhere to go' => [
            new StillCoolant, [self::DECIDER.'/coolantStands' => true, self::DECIDER.'/place' => 'engine-outlet', self::DECIDER.'/earthLead' => null], [],
        ];
        $far = ['/runs/battery-to-fuse' => ['lengthM' => 1.5]];
        yield 'a new fuse comes nearer' => [new UnfusedLength, $far, [['/runs/battery-to-fuse/lengthM' => 0.15]]];
        yield 'one that was there comes nearer as a new one only' => [
            new UnfusedLength, [...$far, ...self::asFound($far, [])], [['/renewed' => ['fan-1-fuse']], ['/runs/battery-to-fuse/lengthM' => 0.15]],
        ];
        yield 'a fuse too large for the wire that was there is renewed, or the wire' => [
            new BrokenConstraints, self::asFound([], ['fan-1-fuse' => ['ratedA' => 40], 'fan-1-wire' => ['areaMm2' => 2.5]]),
            [['/renewed' => ['fan-1-fuse']], ['/renewed' => ['fan-1-wire']]],
        ];
        yield 'where no fuse that suits the wire carries the fan, only the wire is' => [
            new BrokenConstraints, self::asFound(['/fans/0/runA' => 24, '/fans/0/startA' => 60], ['fan-1-fuse' => ['ratedA' => 40], 'fan-1-wire' => ['areaMm2' => 2.5]]),
            [['/renewed' => ['fan-1-wire']]],
        ];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<array<string, mixed>>  $offered
     */
    #[DataProvider('remedies')]
    public function test_a_rule_offers_what_helps(Rule $rule, array $changes, array $offered): void
    {
        $findings = $rule->judge(Orchard::sizing($changes));

        self::assertNotSame([], $findings);
        self::assertSame($offered, array_map(static fn (Remedy $remedy): array => $remedy->changes->byPlace, $findings[0]->remedies));
    }

    /** Two fans on one relay that no relay carries: a relay each is offered. */
    public function test_fans_too_large_for_one_relay_get_one_each(): void
    {
        $two = Combination::changes(Combination::deciders()['switch closing when hot'], [...Combination::loads()['two, a relay each'], 'sharesRelay' => true]);
        $large = ['/fans/0/runA' => 60, '/fans/0/startA' => 180, '/fans/1/runA' => 60, '/fans/1/startA' => 180];
        $findings = array_filter((new BrokenConstraints)->judge(Orchard::sizing([...$two, ...$large])), static fn (Finding $one): bool => $one->code === 'nothing-fits');
        $offered = array_merge(...array_map(
            static fn (Finding $one): array => array_map(static fn (Remedy $remedy): array => $remedy->changes->byPlace, $one->remedies), $findings,
        ));

        self::assertContains(['/control/stages/0/sharesRelay' => false], $offered);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  array<string, array<string, mixed>>  $parts
     * @return array<string, mixed> the same vehicle, as it was found and stays
     */
    private static function asFound(array $changes, array $parts): array
    {
        $file = Orchard::file($changes);

        return [...$changes, '/found' => ['fans' => $file['fans'], 'control' => $file['control'], 'runs' => $file['runs'] ?? [], 'parts' => $parts]];
    }

    /** @return iterable<string, array{Rule, array<string, mixed>, list<string>}> rule, what is told, what it says */
    public static function silences(): iterable
    {
        yield 'a fan that is meant to run on with the key out' => [new KeyOut, ['/control/coilFeed' => 'ignition', '/control/afterRun' => ['delayS' => 200]], []];
        yield 'and one whose coil is fed past the key besides' => [
            new KeyOut, ['/control/coilFeed' => 'battery', '/control/afterRun' => ['delayS' => 200]], ['runs-with-key-out'],
        ];
        $behind = static fn (float $onC): array => [
            self::DECIDER.'/place' => 'core-outlet', self::DECIDER.'/earthLead' => null, self::DECIDER.'/onC' => $onC, self::DECIDER.'/offC' => $onC - 8,
        ];
        // Behind the core it is seven kelvin cooler than the engine, whose ceiling is 108 °C; common practice, no source.
        yield 'late, and below the ceiling' => [new SetPoints, $behind(100.9), ['on-late']];
        yield 'above the ceiling, which says it all' => [new SetPoints, $behind(101.1), ['on-above-ceiling']];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<string>  $codes
     */
    #[DataProvider('silences')]
    public function test_a_rule_says_no_more_than_there_is(Rule $rule, array $changes, array $codes): void
    {
        self::assertSame($codes, array_column($rule->judge(Orchard::sizing($changes)), 'code'));
    }

    /** A vehicle’s fuse larger than what the wire behind it stands is told with the length; without one, that nothing protects it. */
    public function test_wire_behind_the_vehicles_own_fuse(): void
    {
        $codes = static fn (int $fuseA): array => array_column((new UnfusedLength)->judge(Orchard::sizing([
            '/control/coilFeed' => 'ignition', '/control/tappedFuseA' => $fuseA, '/runs/feed-to-fuse' => ['lengthM' => 1], '/pinned/trigger-wire' => 'metric-0.5',
        ])), 'code');

        self::assertSame([['unfused-length'], [], ['under-fused-length']], array_map($codes, [0, 10, 40]));
    }

    /** A joint that makes 15 W chars what it is in; one that makes less only suffers itself (common practice, no source). */
    #[TestWith([10.0])]
    #[TestWith([6.0])]
    #[TestWith([4.5])]
    public function test_how_warm_a_bad_joint_may_get(float $runA): void
    {
        $faults = Proof::of(Orchard::sizing(['/fans/0/runA' => $runA, '/fans/0/startA' => 3 * $runA]), Orchard::shelf())->faults;
        $heated = array_filter($faults, static fn (FaultOutcome $fault): bool => $fault->fault->isJoint() && $fault->figure?->name->code === 'figure.joint-heat');

        self::assertNotSame([], $heated);
        foreach ($heated as $fault) {
            $watts = $fault->figure->value->value ?? 0.0;
            self::assertSame($watts >= 15.0 ? Harm::Fire : Harm::Damage, $fault->harm, "{$fault->part}: {$watts} W");
        }
    }

    /** Too near by less than three millimetres is dangerous, and how far to move is told (common practice, no source). */
    #[TestWith([2.9, Severity::Danger, 1.0])]
    #[TestWith([3.1, Severity::Warning, null])]
    public function test_how_far_a_fan_has_to_move(float $gapMm, Severity $severity, ?float $leastMm): void
    {
        $finding = (new FanClearance)->judge(Orchard::sizing(['/cooling/clearanceMm' => Orchard::file()['fans'][0]['depthMm'] + $gapMm]))[0];

        self::assertSame([$severity, $leastMm], [$finding->severity, self::figures($finding)['figure.move-at-least'] ?? null]);
    }

    /** What a remedy takes away is told by its title. */
    public function test_a_remedy_says_what_it_takes_away(): void
    {
        $finding = array_values(array_filter(
            Orchard::evaluated([self::DECIDER.'/earthLead' => false])->findings, static fn (Finding $one): bool => $one->code === 'hose-adapter-no-earth',
        ))[0];

        self::assertContainsEquals($finding->title(), $finding->remedies[0]->removes);
    }

    /** A battery is spared from seven tenths of its charge on (common practice, no source). */
    public function test_how_long_a_battery_stands_a_fan_with_the_key_out(): void
    {
        $finding = (new KeyOut)->judge(Orchard::sizing(['/control/coilFeed' => 'battery', '/supply/batteryAh' => 60]))[0];
        $reason = Orchard::english($finding->reason());

        self::assertStringContainsString('fed straight from the battery', $reason);
        self::assertStringContainsString('down to 70 %', $reason);
        // 18 Ah at some 14 A.
        self::assertMatchesRegularExpression('/after about 1\.[1-4]\d* h/', $reason);
    }

    /** How many times its running current a start is said to be stands in the reason; how long a drive is too hot, in minutes of that drive. */
    public function test_figures_a_reader_checks(): void
    {
        $start = (new FanFigures)->judge(Orchard::sizing(['/fans/0/runA' => 12, '/fans/0/startA' => 16]))[0];
        self::assertMatchesRegularExpression('/\b1\.33\b/', Orchard::english($start->reason()));
        $sizing = Orchard::sizing(['/heat' => ['ratedKw' => 200], '/roadLoad' => ['massKg' => 3500]]);
        $hot = (new DrivesTooHot)->judge($sizing)[0];
        $bands = array_values(Simulation::bands($sizing->brief));
        $peaks = array_map(static fn (Drive $drive): array => [
            Vehicle::of($sizing)->roughly($bands, $drive)->peakC, Vehicle::of($sizing)->roughly($bands, $drive)->overS / 60,
        ], Drives::standard());

        self::assertEqualsWithDelta(max([0.0, 0.0], ...array_values($peaks)), [self::figures($hot)['figure.hottest'], self::figures($hot)['figure.past-ceiling-for']], 1e-9);
    }

    /** A probe six to twelve millimetres into the fins; how far it has to go is told from the side it lies on (common practice, no source). */
    #[TestWith([5.9, 6.0])]
    #[TestWith([12.1, 12.0])]
    public function test_how_deep_a_probe_has_to_be(float $depthMm, float $wantedMm): void
    {
        $probe = static fn (float $mm): array => Combination::changes(
            [...Combination::deciders()['capillary'], 'place' => 'core-inlet', 'depthMm' => $mm, 'fromInletMm' => 120], Combination::loads()['one fan'],
        );
        $finding = (new ProbePlace)->judge(Orchard::sizing($probe($depthMm)))[0];

        self::assertSame([$depthMm, $wantedMm], [self::figures($finding)['figure.has'], self::figures($finding)['figure.wanted']]);
        self::assertSame([[], []], [(new ProbePlace)->judge(Orchard::sizing($probe(6.0))), (new ProbePlace)->judge(Orchard::sizing($probe(12.0)))]);
    }

    /** 0.4 A for five minutes are a thirtieth of an ampere-hour. */
    public function test_what_a_small_fan_takes_running_on(): void
    {
        $finding = (new AfterRunDrain)->judge(Orchard::sizing(['/fans/0/runA' => 0.4, '/fans/0/startA' => 1.2, '/control/afterRun' => ['delayS' => 300]]))[0];

        self::assertEqualsWithDelta(0.0333, array_values(self::figures($finding))[0], 0.01);
    }

    /** What is fed through no relay has no coil to speak of. */
    public function test_a_fan_that_runs_while_cranking_by_its_coil_or_without_one(): void
    {
        $reason = static fn (array $changes): string => Orchard::english((new Cranking)->judge(Orchard::sizing($changes))[0]->reason());
        $direct = Combination::changes(Combination::deciders()['switch carrying the fan'], Combination::loads()['one fan']);

        self::assertStringContainsString('pull the relay in', $reason(['/control/coilFeed' => 'ignition']));
        self::assertStringNotContainsString('relay', $reason($direct));
    }

    /** What holds always is asked in every state there is. */
    public function test_every_state_is_asked(): void
    {
        $proof = Proof::of(Orchard::sizing(), Orchard::shelf());
        $rows = array_column(array_map(static fn (BehaviourRow $row): array => [$row->behaviour->id, $row->asked()], $proof->behaviours), 1, 0);

        self::assertSame([count($proof->space->states), count($proof->space->states)], [$rows['within-ratings'], $rows['comes-to-rest']]);
    }

    /** A lamp of its own, or of another override that tells of the same fan, is a lamp (common practice, no source). */
    public function test_which_override_is_forgotten(): void
    {
        $codes = static fn (array ...$overrides): array => array_column((new OverrideIndication)->judge(Orchard::sizing([
            '/control/overrides' => $overrides,
        ])), 'severity');
        $on = static fn (bool $lamp): array => ['kind' => 'force-on', 'indicator' => $lamp];
        $off = static fn (bool $lamp): array => ['kind' => 'cut-out', 'indicator' => $lamp];

        self::assertSame([], $codes($on(true)));
        self::assertSame([Severity::Note], $codes($on(false)));
        self::assertSame([Severity::Warning], $codes($off(false)));
        self::assertSame([], $codes($on(true), $off(false)), 'the lamp of the one tells of the fan of the other');
    }

    /** Reckoned by hand: a fan fixed to the pulley turns as the engine does, 3000 over 800 rpm; fifty decibels a decade. */
    public function test_how_loud_an_engine_driven_fan_gets(): void
    {
        $finding = (new EngineDrivenFan)->judge(Orchard::sizing(['/engineFan' => ['drive' => 'fixed', 'diameterMm' => 400, 'isRemoved' => false]]))[0];

        self::assertSame(round(50 * log10(3000 / Assumptions::IDLE_RPM)), self::figures($finding)['figure.louder-than-idle']);
    }

    /** What is told of the room before the engine is what was told. */
    public function test_room_and_fan_and_gap(): void
    {
        $finding = (new FanClearance)->judge(Orchard::sizing(['/cooling/clearanceMm' => 65, '/fans/0/depthMm' => 62]))[0];

        self::assertSame([65.0, 62.0, 3.0], array_values(array_intersect_key(self::figures($finding), array_flip(['figure.room', 'figure.fan-depth', 'figure.gap']))));
    }

    /** A disc of 385 mm covers 0.116 of 0.28 m². */
    public function test_how_much_of_a_core_is_covered(): void
    {
        $finding = (new CoreCover)->judge(Orchard::sizing([
            '/fit' => ['coreWidthMm' => 700, 'coreHeightMm' => 400, 'shroudPercent' => 0, 'flaps' => false], '/fans/0/diameterMm' => 385,
        ]))[0];

        self::assertEqualsWithDelta(100 * M_PI / 4 * 0.385 ** 2 / (0.7 * 0.4), self::figures($finding)['figure.covered'], 2.0);
    }

    /** A fuse that opens late is told in minutes, one that opens soon in seconds. */
    public function test_how_late_a_fuse_opens_is_told(): void
    {
        $told = static fn (float $seconds): string => Orchard::english(Message::of('trail.answer.number', value: FaultEffects::time($seconds)));

        self::assertSame(['99 s', '2 min', '10 min'], [$told(99.0), $told(120.0), $told(600.0)]);
    }

    /** A puller bought as a pusher: its leads are exchanged, and back where it was mounted as made. */
    #[TestWith(['pusher', false, 'remedy.exchange-leads'])]
    #[TestWith(['puller', true, 'remedy.leads-as-made'])]
    public function test_which_way_the_leads_go(string $madeFor, bool $isReversed, string $remedy): void
    {
        $fan = ['/fans/0/mount' => 'puller', '/fans/0/madeFor' => $madeFor, '/fans/0/polarityReversed' => $isReversed, '/fans/0/bladeFlipped' => $madeFor === 'pusher'];
        $finding = (new FanDirection)->judge(Orchard::sizing($fan))[0];

        self::assertSame(['fan-blows-backwards', $remedy], [$finding->code, $finding->remedies[0]->label->code]);
    }

    /** Of a fan held fast stands what burns; what follows for the cooling stands in the table. */
    public function test_a_jammed_fan_is_told_by_what_burns(): void
    {
        $findings = Orchard::evaluated(['/pinned/fan-1-fuse' => 'cartridge-40', '/pinned/fan-1-wire' => 'metric-0.75'])->findings;
        $jammed = array_values(array_filter($findings, static fn (Finding $one): bool => $one->code === 'jammed-fan-burns'));

        self::assertCount(1, $jammed);
        $reason = Orchard::english($jammed[0]->reason());
        self::assertStringContainsString('for as long as it is on', $reason);
        self::assertStringNotContainsString('no fan runs', $reason);
    }

    /** What makes a bought module slow was taken as usual, and is said once. */
    public function test_a_module_of_which_nobody_knows_how_it_is_slow(): void
    {
        $codes = static fn (bool $isUnknown): array => array_column((new UnknownLowSpeed)->judge(Orchard::sizing([
            '/control/overrides' => [['kind' => 'plug-low-high', 'indicator' => false, 'lowIsUnknown' => $isUnknown]],
        ])), 'code');

        self::assertSame([['low-speed-assumed'], []], [$codes(true), $codes(false)]);
    }

    /** @return array<string, float> by what they are called */
    private static function figures(Finding $finding): array
    {
        return array_column(array_map(static fn (Figure $one): array => [$one->name->code, $one->value->value], $finding->figures), 1, 0);
    }
}
