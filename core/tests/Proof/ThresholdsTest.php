<?php

declare(strict_types=1);

namespace LampThread\Tests\Proof;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Proof\Behaviour;
use LampThread\Proof\BehaviourRow;
use LampThread\Proof\Comparison;
use LampThread\Proof\CoolingFaults;
use LampThread\Proof\Excuse;
use LampThread\Proof\FaultFindings;
use LampThread\Proof\FaultOutcome;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Proof\Harm;
use LampThread\Proof\HeatingEffect;
use LampThread\Proof\Proof;
use LampThread\Proof\ProofSummary;
use LampThread\Proof\Rule\AdapterBody;
use LampThread\Proof\Rule\BreakingCapacity;
use LampThread\Proof\Rule\BrokenConstraints;
use LampThread\Proof\Rule\ClutchFedBackwards;
use LampThread\Proof\Rule\CondenserWithoutAir;
use LampThread\Proof\Rule\Cranking;
use LampThread\Proof\Rule\DrivesTooHot;
use LampThread\Proof\Rule\EngineDrivenFan;
use LampThread\Proof\Rule\FanClearance;
use LampThread\Proof\Rule\FanDirection;
use LampThread\Proof\Rule\FanFigures;
use LampThread\Proof\Rule\FeedWithoutFuse;
use LampThread\Proof\Rule\HoseAdapterEarth;
use LampThread\Proof\Rule\IdleShortfall;
use LampThread\Proof\Rule\KeyOut;
use LampThread\Proof\Rule\LargeFuse;
use LampThread\Proof\Rule\LockoutInClimb;
use LampThread\Proof\Rule\ProbePlace;
use LampThread\Proof\Rule\ReturnThinner;
use LampThread\Proof\Rule\RingsOnStud;
use LampThread\Proof\Rule\Rule;
use LampThread\Proof\Rule\SharedFuse;
use LampThread\Proof\Rule\StagesInOrder;
use LampThread\Proof\Rule\StillCoolant;
use LampThread\Proof\Rule\TappedFuse;
use LampThread\Proof\Rule\TriggerFuse;
use LampThread\Proof\Rule\VoltageLost;
use LampThread\Road\HeatsUp;
use LampThread\Road\StandingHeat;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The rules of the proof where they turn, each asked by itself. */
final class ThresholdsTest extends TestCase
{
    private static ?Proof $proof = null;

    /** @return iterable<string, array{Rule, array<string, mixed>, list<string>}> rule, what is told, what it says; common practice, no source */
    public static function rules(): iterable
    {
        $clutch = static fn (float $fuseA): array => [
            '/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'separate-relay', 'fuseA' => $fuseA], '/control/tappedFuseA' => 10,
        ];
        yield 'the clutch behind 15 A' => [new TappedFuse, $clutch(15), []];
        yield 'the clutch behind more than 15 A' => [new TappedFuse, $clutch(15.5), ['tapped-fuse-large']];
        yield 'the clutch behind none' => [new TappedFuse, $clutch(0), ['tapped-without-fuse']];
        $fan = static fn (float $ratedV, float $times): array => ['/fans/0/ratedV' => $ratedV, '/fans/0/runA' => 10, '/fans/0/startA' => 10 * $times];
        yield 'a fan for 9.61 V at 12 V' => [new FanFigures, $fan(9.61, 3), []];
        yield 'a fan for less than four fifths' => [new FanFigures, $fan(9.59, 3), ['fan-of-other-voltage']];
        yield 'a fan for 15.6 V' => [new FanFigures, $fan(15.6, 3), []];
        yield 'a fan for more' => [new FanFigures, $fan(15.7, 3), ['fan-of-other-voltage']];
        yield 'a start of 1.8 times' => [new FanFigures, $fan(12, 1.8), []];
        yield 'a start of less' => [new FanFigures, $fan(12, 1.79), ['start-current-unlikely']];
        yield 'a start of 8 times' => [new FanFigures, $fan(12, 8), []];
        yield 'a start of more' => [new FanFigures, $fan(12, 8.1), ['start-current-unlikely']];
        $decider = '/control/stages/0/decider';
        yield 'a one-wire switch in a hose without an earth lead' => [
            new HoseAdapterEarth, ["{$decider}/place" => 'top-hose', "{$decider}/earthLead" => false], ['hose-adapter-no-earth'],
        ];
        yield 'and with one' => [new HoseAdapterEarth, ["{$decider}/place" => 'top-hose', "{$decider}/earthLead" => true], []];
        $supply = ['/control/stages/0/side' => 'supply', "{$decider}/place" => 'top-hose'];
        yield 'a switch in a hose that passes the feed on through its body' => [new AdapterBody, [...$supply, "{$decider}/feedThroughBody" => true], ['adapter-body-live']];
        yield 'one with two wires' => [new AdapterBody, [...$supply, "{$decider}/feedThroughBody" => false], []];
        $fuse = static fn (string $id): array => ['/pinned/fan-1-fuse' => $id, '/pinned/fan-1-wire' => 'metric-10'];
        yield 'one size above what is enough' => [new LargeFuse, $fuse('cartridge-40'), []];
        yield 'two sizes above' => [new LargeFuse, $fuse('cartridge-50'), ['fuse-larger-than-needed']];
        yield 'a short of less than 1000 A' => [new BreakingCapacity, ['/supply/chargingV' => 14.2, '/supply/batteryMilliohm' => 14.2], []];
        yield 'a short of more' => [new BreakingCapacity, ['/supply/chargingV' => 14.2, '/supply/batteryMilliohm' => 12], ['fuse-breaking-capacity']];
        $lockout = static fn (float $rpm): array => ['/control/lockouts' => ['engineSpeed' => ['rpm' => $rpm]]];
        yield 'a lockout above 3500 rpm' => [new LockoutInClimb, $lockout(3500), ['lockout-in-climb']];
        yield 'one above more' => [new LockoutInClimb, $lockout(3510), []];
        $shared = static fn (float $before): array => ['/control/feed' => 'existing-circuit', '/control/existingFuseA' => 40, '/control/fuseBeforeA' => $before];
        yield 'a fuse of the vehicle that is what it was' => [new SharedFuse, $shared(40), []];
        yield 'one that somebody raised' => [new SharedFuse, $shared(30), ['fuse-raised']];
        $return = static fn (string $conductor): array => ['/pinned/fan-1-wire' => 'metric-4', '/runs/fan-to-earth/conductor' => $conductor];
        yield 'a return as thick as its feed' => [new ReturnThinner, $return('metric-4'), []];
        yield 'a return that is thinner' => [new ReturnThinner, $return('metric-2.5'), ['return-thinner']];
        yield 'a fan no relay and no wire are made for, its fuse being to be had' => [
            new BrokenConstraints, ['/fans/0/runA' => 90, '/fans/0/startA' => 270], ['nothing-fits', 'nothing-fits', 'earth-lifted'],
        ];
        yield 'where no fuse is, the wire behind it is not blamed' => [new BrokenConstraints, ['/fans/0/runA' => 115, '/fans/0/startA' => 450], ['nothing-fits', 'earth-lifted']];
        yield 'what fits breaks nothing' => [new BrokenConstraints, [], []];
        yield 'a fuse too large for its wire' => [
            new BrokenConstraints, ['/pinned/fan-1-fuse' => 'blade-40', '/pinned/fan-1-wire' => 'metric-2.5'], ['fuse-fast-for-start', 'fuse-over-wire'],
        ];
        yield 'a relay of 20 A for a fan of 15.5 A' => [new BrokenConstraints, ['/pinned/fan-1-relay' => 'micro-20-12v'], ['relay-over-rating']];
        $clutchInto = static fn (string $trigger): array => [
            '/control/stages/0/side' => 'supply', '/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => $trigger, 'fuseA' => 10],
        ];
        yield 'a clutch wire joined to the coil' => [new ClutchFedBackwards, $clutchInto('joined'), ['clutch-fed-backwards']];
        yield 'one joined through a diode' => [new ClutchFedBackwards, $clutchInto('diode'), []];
        yield 'an air conditioning that starts no fan' => [
            new CondenserWithoutAir, ['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'nothing']], ['condenser-without-air'],
        ];
        yield 'one that does' => [new CondenserWithoutAir, $clutchInto('diode'), []];
        yield 'and none' => [new CondenserWithoutAir, [], []];
        $fins = static fn (float $depthMm, float $fromInletMm): array => [
            "{$decider}/place" => 'core-inlet', "{$decider}/depthMm" => $depthMm, "{$decider}/fromInletMm" => $fromInletMm,
        ];
        yield 'a tip 6 mm out, 100 mm from the inlet' => [new ProbePlace, $fins(6, 100), []];
        yield 'a tip 12 mm out, 150 mm from the inlet' => [new ProbePlace, $fins(12, 150), []];
        yield 'a tip nearer' => [new ProbePlace, $fins(5.9, 100), ['probe-depth']];
        yield 'a tip farther out' => [new ProbePlace, $fins(12.1, 150), ['probe-depth']];
        yield 'too near the inlet' => [new ProbePlace, $fins(6, 99), ['probe-from-inlet']];
        yield 'too far from it' => [new ProbePlace, $fins(12, 151), ['probe-from-inlet']];
        yield 'a fan as it was made' => [new FanDirection, [], []];
        yield 'one turned round, blade and leads with it' => [
            new FanDirection, ['/fans/0/mount' => 'pusher', '/fans/0/madeFor' => 'puller', '/fans/0/bladeFlipped' => true, '/fans/0/polarityReversed' => true], [],
        ];
        yield 'its leads forgotten' => [
            new FanDirection, ['/fans/0/mount' => 'pusher', '/fans/0/madeFor' => 'puller', '/fans/0/bladeFlipped' => true], ['fan-blows-backwards'],
        ];
        yield 'its blade forgotten' => [
            new FanDirection, ['/fans/0/mount' => 'pusher', '/fans/0/madeFor' => 'puller', '/fans/0/polarityReversed' => true], ['blade-wrong-way-round'],
        ];
        yield 'coolant that stands' => [new StillCoolant, ["{$decider}/coolantStands" => true], ['sensor-in-still-coolant']];
        yield 'coolant that flows' => [new StillCoolant, [], []];
        $twoAt = static fn (float $onC): array => [
            ...Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two at two temperatures']),
            '/control/stages/1/decider/onC' => $onC, '/control/stages/1/decider/offC' => $onC - 5,
        ];
        yield 'a second stage as early as the first' => [new StagesInOrder, $twoAt(92), ['stages-out-of-order']];
        yield 'one a degree later' => [new StagesInOrder, $twoAt(93), []];
        $gap = static fn (float $mm): array => ['/cooling/clearanceMm' => Orchard::file()['fans'][0]['depthMm'] + $mm];
        yield '6 mm behind the fan' => [new FanClearance, $gap(6), []];
        yield 'less' => [new FanClearance, $gap(5.9), ['fan-gap-small']];
        yield 'half a millimetre' => [new FanClearance, $gap(0.5), ['fan-gap-small']];
        yield 'none' => [new FanClearance, $gap(-0.1), ['fan-does-not-fit']];
        $joined = ['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'separate-relay']];
        yield 'two feeds joined at the fan, each with its fuse' => [new FeedWithoutFuse, $joined, []];
        yield 'and one without' => [new FeedWithoutFuse, [...$joined, '/pinned/fan-1-air-conditioning-fuse' => 'no-fuse'], ['feed-without-fuse']];
        yield 'coils that drop out while cranking' => [new Cranking, ['/control/coilFeed' => 'accessory'], []];
        yield 'coils that stay fed' => [new Cranking, ['/control/coilFeed' => 'ignition'], ['runs-while-cranking']];
        yield 'nothing fed with the key out' => [new KeyOut, ['/control/coilFeed' => 'ignition'], []];
        yield 'coils fed past the key' => [new KeyOut, ['/control/coilFeed' => 'battery'], ['runs-with-key-out']];
        yield 'a trigger fuse of 10 A' => [new TriggerFuse, ['/pinned/coil-fuse' => 'blade-10'], []];
        yield 'a trigger fuse of 15 A' => [new TriggerFuse, ['/pinned/coil-fuse' => 'blade-15'], ['trigger-fuse-too-large']];
        yield 'four rings on the battery’s post' => [new RingsOnStud, self::four('ignition'), []];
        // Those that come are spliced before they are a fifth; those that were found are what they are.
        yield 'five that were found' => [new RingsOnStud, self::found(self::four('battery')), ['rings-on-stud']];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<string>  $codes
     */
    #[DataProvider('rules')]
    public function test_a_rule_speaks_from_its_threshold_on(Rule $rule, array $changes, array $codes): void
    {
        $said = array_map(static fn (Finding $finding): string => $finding->code, $rule->judge(Orchard::sizing($changes)));
        self::assertSame($codes, array_values(array_diff($said, ['tapped-fuse-assumed'])));
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed> the same, as it was found and stays
     */
    private static function found(array $changes): array
    {
        $file = Orchard::file($changes);

        return [...$changes, '/found' => ['fans' => $file['fans'], 'control' => $file['control']]];
    }

    /** @return array<string, mixed> four fans, each with a relay and a fuse of its own at the battery */
    private static function four(string $coilFeed): array
    {
        $fan = Orchard::file()['fans'][0];

        return [
            '/fans' => array_map(static fn (int $n): array => [...$fan, 'id' => "fan-{$n}", 'name' => "fan {$n}", 'runA' => 6, 'startA' => 18], range(1, 4)),
            '/control/stages/0/fans' => ['fan-1', 'fan-2', 'fan-3', 'fan-4'], '/control/coilFeed' => $coilFeed, '/runs' => [],
        ];
    }

    /** The later of two fans is given to the condenser, so that the earlier one still adds to it; a variable compressor's by pressure only. Common practice, no source. */
    public function test_the_condenser_is_given_the_later_fan(): void
    {
        $two = Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two at two temperatures']);
        foreach (['clutch' => ['separate-relay', 'pressure-switch'], 'variable' => ['pressure-switch']] as $compressor => $triggers) {
            $sizing = Orchard::sizing([...$two, '/control/airConditioning' => ['compressor' => $compressor, 'trigger' => 'nothing']]);
            $finding = (new CondenserWithoutAir)->judge($sizing)[0];

            self::assertSame('fan-2', $finding->subject);
            self::assertSame(
                array_map(static fn (string $trigger): array => ['/control/airConditioning/trigger' => $trigger, '/control/airConditioning/stages' => ['stage-2']], $triggers),
                array_map(static fn (Remedy $remedy): array => $remedy->changes->byPlace, $finding->remedies),
            );
        }
    }

    /** A battery that stands two hours of a queue is worth a note. Common practice, no source. */
    #[TestWith([1.95, Severity::Warning])]
    #[TestWith([2.05, Severity::Note])]
    public function test_how_long_a_battery_stands_a_queue(float $hours, Severity $severity): void
    {
        $judged = static fn (float $batteryAh): Finding => (new IdleShortfall)->judge(
            Orchard::sizing(['/supply/alternatorIdleA' => 10, '/supply/batteryAh' => $batteryAh]),
        )[0];
        $lasts = static fn (Finding $finding): float => array_values(array_filter(
            $finding->figures, static fn (Figure $one): bool => $one->value->unit === Unit::Hour,
        ))[0]->value->value;
        $batteryAh = 60.0;
        for ($tries = 0; $tries < 6; $tries++) {
            $batteryAh *= $hours / $lasts($judged($batteryAh));
        }

        self::assertSame($severity, $judged($batteryAh)->severity);
    }

    /** A fan on the shaft that takes 450 W at 2000 rpm takes 1.5³ times that at 3000, which is where it is told. */
    public function test_what_the_engines_fan_takes_when_it_is_fast(): void
    {
        $finding = (new EngineDrivenFan)->judge(Orchard::sizing(['/engineFan' => ['drive' => 'fixed', 'isRemoved' => true, 'diameterMm' => 430]]))[0];

        self::assertContains(1520.0, array_map(static fn (Figure $figure): float => $figure->value->value, $finding->figures));
        self::assertStringContainsString('3000', str_replace([' ', ',', ' '], '', Orchard::english($finding->reason())));
    }

    /** What is lost on the way to the fan: 5 % is usual, from half as much again it is a warning, from twice as much a danger. Common practice, no source. */
    public function test_how_much_may_be_lost_on_the_way(): void
    {
        $seen = [];
        foreach (range(1, 14) as $lengthM) {
            $findings = (new VoltageLost)->judge(Orchard::sizing([
                '/runs/fuse-to-relay' => ['lengthM' => 0.7 * $lengthM], '/runs/relay-to-fan' => ['lengthM' => 0.5 * $lengthM], '/pinned/fan-1-wire' => 'metric-4',
            ]));
            foreach (array_filter($findings, static fn (Finding $finding): bool => $finding->code === 'drop-in-all') as $finding) {
                $share = $finding->figures[0]->value->value / 12;
                $seen[$finding->severity->value] = true;
                self::assertSame($share > 0.1 ? Severity::Danger : ($share > 0.075 ? Severity::Warning : Severity::Note), $finding->severity, "{$share}");
            }
        }
        self::assertEqualsCanonicalizing(['note', 'warning', 'danger'], array_keys($seen));
    }

    /** An engine of 200 kW behind this core gets too hot on the climb; with a fan of 1000 m³/h it boils, and it is said. */
    public function test_a_drive_that_boils_says_so(): void
    {
        $told = ['/heat' => ['ratedKw' => 200], '/roadLoad' => ['massKg' => 3500]];

        $reason = static fn (array $more): string => Orchard::english((new DrivesTooHot)->judge(Orchard::sizing([...$told, ...$more]))[0]->reason());

        self::assertStringNotContainsString('boils', $reason([]));
        self::assertStringContainsString('boils', $reason(['/fans/0/flowM3h' => 1000]));
        self::assertSame([], (new DrivesTooHot)->judge(Orchard::sizing(['/heat' => ['ratedKw' => 40]])));
        self::assertSame(Severity::Danger, (new DrivesTooHot)->judge(Orchard::sizing($told))[0]->severity);
    }

    /** With half its core blocked a large engine gets too hot standing with every fan on; a small one stays below the ceiling (common practice, no source). */
    #[TestWith([40.0, Harm::LessCooling])]
    #[TestWith([200.0, Harm::Stranded])]
    public function test_half_a_core(float $ratedKw, Harm $harm): void
    {
        $brief = Orchard::sizing(['/heat' => ['ratedKw' => $ratedKw]])->brief;
        $harms = array_column((new CoolingFaults($brief, StandingHeat::of($brief, 87.0)))->outcomes(), 'harm', 'part');

        self::assertSame($harm, $harms['core']);
    }

    /** The worst first: danger before warning before note, fire before being stranded before damage. */
    public function test_what_is_worse(): void
    {
        self::assertSame([0, 1, 2], array_map(static fn (Severity $one): int => $one->rank(), [Severity::Danger, Severity::Warning, Severity::Note]));
        self::assertLessThan(Harm::Stranded->rank(), Harm::Fire->rank());
        self::assertLessThan(Harm::Damage->rank(), Harm::Stranded->rank());
    }

    /** Minutes have a tenth below ten of them, and none above. */
    public function test_how_minutes_are_told(): void
    {
        $minutes = static fn (float $seconds): float => HeatingEffect::figure(new HeatsUp(108, $seconds, $seconds))->value->value ?? 0.0;

        self::assertSame([5.5, 9.9, 11.0], [$minutes(330), $minutes(594), $minutes(640)]);
        self::assertNull(HeatingEffect::figure(new HeatsUp(108, null, null)));
    }

    /** A behaviour is asked in as many states as its phases together, and fails where it does not hold. */
    public function test_a_behaviour_counts_its_phases(): void
    {
        $cell = static fn (int $asked, int $held, ?int $brokenBy): array => [
            'asked' => $asked, 'held' => $held, 'shownBy' => 1, 'brokenBy' => $brokenBy, 'at' => $brokenBy === null ? null : 'fan-1',
        ];
        $row = new BehaviourRow(
            new Behaviour('x', Severity::Note, '', static fn (): bool => true), ['cold' => $cell(3, 2, 9), 'hot' => $cell(4, 4, null), 'off' => $cell(2, 1, 5)],
        );

        self::assertSame([9, 2, [5, 'fan-1']], [$row->asked(), $row->fails(), $row->broken()]);
    }

    /** A joint is one fault, however far it has failed; each other fault of a part is one of its own. */
    public function test_each_fault_has_a_name_of_its_own(): void
    {
        $keys = array_map(static fn (FaultOutcome $fault): string => $fault->key(), self::proof()->faults);

        self::assertContains('fan-1-relay/stuck-off', $keys);
        self::assertContains('fan-1-relay/joint', $keys);
        self::assertNotContains('fan-1-relay/slight-joint', $keys);
    }

    /** A dash switch saves what it bridges: that is excused; what nothing saves is not, and is found. */
    public function test_what_a_dash_switch_saves_is_excused(): void
    {
        $of = static fn (string $part, FaultKind $kind): FaultOutcome => array_values(array_filter(
            self::proof()->faults, static fn (FaultOutcome $fault): bool => $fault->harm === Harm::Stranded && $fault->part === $part && $fault->kind === $kind,
        ))[0];
        $switch = $of('stage-1-switch', FaultKind::StuckOff);
        $fuse = $of('fan-1-fuse', FaultKind::Open);

        self::assertSame([true, false], [$switch->overrideSaves, $fuse->overrideSaves]);
        self::assertSame(Excuse::SavedByHand, FaultFindings::excuse($switch, self::proof()->sizing));
        self::assertNull(FaultFindings::excuse($fuse, self::proof()->sizing));
        $codes = array_map(static fn (Finding $finding): string => $finding->code, (new FaultFindings(self::proof()->sizing, [$switch, $fuse]))->all());
        self::assertSame([FaultFindings::code($fuse)], $codes);
    }

    /** With the key out nothing drains that was sound; a lamp’s worth does: 50 mA (common practice, no source). */
    public function test_what_drains_a_battery(): void
    {
        $drains = array_filter(self::proof()->faults, static fn (FaultOutcome $fault): bool => $fault->drainA > 0.0);

        self::assertLessThan(count(self::proof()->faults), count($drains));
        foreach (self::proof()->faults as $fault) {
            self::assertTrue($fault->harm !== Harm::Drains || $fault->drainA > 0.05 || $fault->part === 'alternator', $fault->key());
        }
    }

    /** Of two equal fans one that stands leaves half the air. */
    public function test_what_is_left_of_two_fans(): void
    {
        $sizing = Orchard::sizing(Combination::changes(Combination::deciders()['switch closing when hot'], Combination::loads()['two, a relay each']));
        $proof = Proof::of($sizing, Orchard::shelf());
        $outcome = array_values(array_filter($proof->faults, static fn (FaultOutcome $one): bool => $one->part === 'fan-2-fuse' && $one->kind === FaultKind::Open))[0];

        self::assertStringContainsString('50 %', implode(' ', array_map(static fn (Message $effect): string => Orchard::english($effect), $outcome->effects)));
    }

    /**
     * The next larger fuse leaves the fan's wire unprotected up to what that fuse carries, a bridge up to what the battery gives into a short;
     * in front of a wire that stands more, neither does harm for what the larger fuse carries (common practice, no source).
     */
    public function test_what_a_wrong_fuse_leaves_unprotected(): void
    {
        $effect = static function (Proof $proof, FaultKind $kind, string $fuse = 'fan-1-fuse'): Message {
            $rows = array_filter($proof->faults, static fn (FaultOutcome $one): bool => $one->part === $fuse && $one->kind === $kind);

            return array_values($rows)[0]->effects[0];
        };
        $next = $effect(self::proof(), FaultKind::NextFuseUp);
        self::assertSame('effect.unprotected', $next->code);
        self::assertStringContainsString('40 A', Orchard::english($next));
        $bridged = Orchard::english($effect(self::proof(), FaultKind::FuseBridged));
        self::assertGreaterThan(200, (int) preg_replace('/.*? (\d+) A.*/', '$1', $bridged), $bridged);
        // The coil's 1 mm² stands more than the fuse after its own.
        self::assertSame('effect.still-protected', $effect(self::proof(), FaultKind::NextFuseUp, 'coil-fuse')->code);
    }

    /** Without its dash switch a job has faults that strand it, which a comparison tells; and the remedies of a mistake are worked out. */
    public function test_a_comparison_tells_what_got_worse(): void
    {
        $without = Proof::of(Orchard::sizing(['/control/overrides' => []]), Orchard::shelf());
        $comparison = Comparison::of(ProofSummary::of(self::proof()), ProofSummary::of($without));

        self::assertNotSame([], [...$comparison->worse, ...$comparison->better]);
        self::assertNotSame([], Orchard::evaluated(['/pinned/fan-1-fuse' => 'cartridge-50', '/pinned/fan-1-wire' => 'metric-10'])->findings[0]->remedies);
    }

    private static function proof(): Proof
    {
        return self::$proof ??= Proof::of(Orchard::sizing(), Orchard::shelf());
    }
}
