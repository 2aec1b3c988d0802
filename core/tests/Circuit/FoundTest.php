<?php

declare(strict_types=1);

namespace LampThread\Tests\Circuit;

use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ServicePlug;
use LampThread\Circuit\Joint;
use LampThread\Circuit\Moved;
use LampThread\Circuit\Wire;
use LampThread\Exchange\Wording;
use LampThread\Loom\Loom;
use LampThread\Loom\PartRow;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Findings;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The vehicle as it was found and as it leaves: what is done is the difference. */
final class FoundTest extends TestCase
{
    /** A dash switch joined to what was there: two wires, one splice, and nothing of the fan, its relay or its switch is bought, fitted or laid. */
    public function test_an_override_joined_to_a_vehicle_that_stays(): void
    {
        $sizing = self::sizing();
        $alteration = $sizing->alteration();

        self::assertSame(['override', 'earth-cabin', 'splice-fan-1-relay-85'], array_map(static fn (Component $one): string => $one->id, $alteration->coming()));
        self::assertCount(2, $alteration->wiresComing());
        self::assertSame([['fan-1-relay:85', 'stage-1-switch:1', null]], array_map(
            static fn (Joint $joint): array => [$joint->into->from, $joint->into->to, $joint->end], $alteration->joints(),
        ));
        self::assertSame([[], []], [$alteration->going(), $alteration->wiresGoing()]);
        self::assertFalse($alteration->opensCoolant());
        self::assertSame([], $sizing->circuit->each(ServicePlug::class), 'the fan has the plug it had');

        $sheet = self::sheet($sizing);
        self::assertStringContainsString('J1: open the wire from Relay, radiator 85 to Temperature switch, top hose adapter 1', $sheet);
        self::assertStringNotContainsString('Fit what senses', $sheet);
        self::assertStringNotContainsString('coolant', $sheet);
        self::assertStringNotContainsString('behind the core', $sheet);
        $parts = array_map(static fn ($row): string => Wording::english()->text($row->part), Loom::of($sizing, Orchard::shelf())->parts);
        self::assertSame([], preg_grep('/[Rr]elay|[Ff]use|Temperature switch|plug/', $parts));
    }

    /** The same vehicle in both is no work at all: an empty difference, an empty cut list. */
    public function test_nothing_altered_is_nothing_to_do(): void
    {
        $sizing = self::sizing(['/control/overrides' => []]);
        $alteration = $sizing->alteration();

        self::assertSame([[], [], [], [], []], [
            $alteration->coming(), $alteration->wiresComing(), $alteration->going(), $alteration->wiresGoing(), $alteration->joints(),
        ]);
        self::assertSame([], Loom::of($sizing, Orchard::shelf())->parts);
        self::assertSame(0.0, $sizing->cost());
    }

    /** A relay of 30 A that is to carry what it did not: what is told is judged, and a new one in its place is the way out. */
    public function test_what_is_told_of_what_stays_is_judged_and_what_is_assumed_is_not(): void
    {
        $codes = static fn (array $parts): array => array_map(static fn (Finding $finding): string => $finding->code, Findings::of(self::sizing(['/found/parts' => $parts])));

        $known = ['fan-1-fuse' => ['ratedA' => 40], 'fan-1-wire' => ['areaMm2' => 2.5]];
        self::assertContains('fuse-over-wire', $codes($known));
        self::assertNotContains('fuse-over-wire', $codes(['fan-1-wire' => ['areaMm2' => 2.5]]), 'nobody has looked at the fuse');
        self::assertNotContains('fuse-over-wire', $codes(['fan-1-fuse' => ['ratedA' => 40]]), 'nobody has looked at the wire');
        self::assertNotContains('fuse-over-wire', $codes(array_map(static fn (array $part): array => [...$part, 'seen' => 'assumed'], $known)));
        self::assertContains('found-assumed', $codes([]));
        self::assertContains('fuse-raised', $codes(['fan-1-fuse' => ['ratedA' => 30, 'beforeA' => 20]]));
        self::assertNotContains('fuse-raised', $codes(['fan-1-fuse' => ['ratedA' => 20, 'beforeA' => 20]]));
        self::assertContains('relay-over-rating', $codes(['fan-1-relay' => ['ratedA' => 10]]));
        self::assertContains('plug-weak', $codes(['fan-1' => ['pinA' => 10]]));
    }

    /** An earth that is moved to the battery has a new wire. */
    public function test_an_earth_that_is_moved(): void
    {
        $alteration = self::sizing(['/control/earth' => 'battery', '/control/overrides' => []])->alteration();

        self::assertContains('fan-to-earth', array_map(static fn (Wire $wire): string => $wire->stretch->value, $alteration->wiresComing()));
        self::assertContains('fan-1:-', array_map(static fn (Joint $joint): ?string => $joint->end, $alteration->joints()), 'spliced to the lead the fan has');
    }

    /** The largest fuse that vehicles have before a wire: 30 A before 2.5 mm², 20 A before 1.5 mm². Common practice, no source. */
    #[TestWith([30, 2.5, false])]
    #[TestWith([40, 2.5, true])]
    #[TestWith([20, 1.5, false])]
    #[TestWith([25, 1.5, true])]
    #[TestWith([40, 4, false])]
    #[TestWith([60, 4, true])]
    public function test_a_fuse_before_a_wire_that_stays(float $ratedA, float $areaMm2, bool $isTooLarge): void
    {
        $findings = Findings::of(self::sizing(['/found/parts' => ['fan-1-fuse' => ['ratedA' => $ratedA], 'fan-1-wire' => ['areaMm2' => $areaMm2]]]));

        self::assertSame($isTooLarge, in_array('fuse-over-wire', array_map(static fn (Finding $finding): string => $finding->code, $findings), true));
    }

    /** A switch that carried its fan gets a relay: the fan's leads are taken off the switch and put on the relay, which lies on the wires that were there. */
    public function test_leads_are_moved_from_a_switch_to_a_relay(): void
    {
        $switch = ['kind' => 'thermal-switch', 'action' => 'closes-when-hot', 'onC' => 95, 'offC' => 90, 'place' => 'radiator-inlet', 'ratedA' => 20];
        $found = Orchard::file(['/control/overrides' => [], '/control/stages/0/side' => 'supply', '/control/stages/0/decider' => [...$switch, 'isDirect' => true]]);
        $sizing = Orchard::sizing([
            '/found' => ['fans' => $found['fans'], 'control' => $found['control']], '/control/overrides' => [], '/control/stages/0/decider' => $switch,
        ]);

        self::assertSame([['stage-1-switch:1', 'fan-1-relay:30'], ['stage-1-switch:2', 'fan-1-relay:87']], array_map(
            static fn (Moved $moved): array => [$moved->from, $moved->to], $sizing->alteration()->moved(),
        ));
        self::assertMatchesRegularExpression('/take its end off Temperature switch, .* 1 and put it on K1 30/', self::sheet($sizing));
        self::assertSame([], array_filter($sizing->alteration()->wiresComing(), static fn (Wire $wire): bool => $wire->group === 'fan-1-wire'));
    }

    /** A fault that was found in what stays is told and put right; renewed, the part takes it along. */
    public function test_what_is_wrong_with_what_stays_is_put_right(): void
    {
        $wrong = ['/found/wrong' => [
            ['part' => 'stage-1-switch', 'fault' => 'stuck-on', 'note' => 'a paper clip in its plug'], ['part' => 'fan-1-fuse:2>fan-1-relay:30', 'fault' => 'chafed'],
        ]];
        $codes = static fn (array $changes): array => array_count_values(array_map(
            static fn (Finding $finding): string => $finding->code, Findings::of(self::sizing([...$wrong, ...$changes])),
        ));

        self::assertSame(2, $codes([])['found-faulty']);
        self::assertSame(1, $codes(['/renewed' => ['stage-1-switch']])['found-faulty']);
        self::assertStringContainsString('was found stuck on (a paper clip in its plug): put it right', self::sheet(self::sizing($wrong)));
        self::assertStringContainsString('Main fuse, radiator 2 to Relay, radiator 30 was found chafed to the body: put it right', self::sheet(self::sizing($wrong)));
        self::assertStringNotContainsString('before anything is cut', self::sheet(self::sizing([...$wrong, '/control/overrides' => []])), 'nothing is');
    }

    /** Another kind of part takes a lead over with another terminal on it, which is bought; a lead is unbolted from what goes and from a post, not cut. */
    public function test_a_lead_is_taken_off_and_put_on(): void
    {
        $deciders = Combination::deciders();
        $becomes = static function (array $was, array $is) use ($deciders): Sizing {
            $file = static fn (array $decider, array $more = []): array => Orchard::file(Combination::changes($decider, Combination::loads()['one fan'], more: $more));
            $found = $file($deciders[$was[0]], $was[1] ?? []);

            return Orchard::sizing([
                ...Combination::changes($deciders[$is[0]], Combination::loads()['one fan'], more: $is[1] ?? []),
                '/found' => ['fans' => $found['fans'], 'control' => $found['control'], 'runs' => $found['runs'] ?? []],
            ]);
        };
        $thermostat = $becomes(['switch closing when hot'], ['electronic, dry contact']);
        self::assertMatchesRegularExpression('/take its end off Temperature switch, .* 1 and put it on B1 1, with a new terminal/', self::sheet($thermostat));
        $ferrules = static fn (Sizing $sizing): float => array_sum(array_map(
            static fn (PartRow $row): float => str_contains(Orchard::english($row->part), 'Ferrule') ? $row->quantity : 0.0, Loom::of($sizing, Orchard::shelf())->parts,
        ));
        self::assertSame($ferrules(Orchard::sizing(Combination::changes($deciders['electronic, dry contact'], Combination::loads()['one fan']))), $ferrules($thermostat));

        $stepless = self::sheet($becomes(['switch carrying the fan'], ['stepless']));
        self::assertMatchesRegularExpression('/Take the wire from Fan, .* - to Temperature switch, .* 1 off Temperature switch, .* 1, and cut its terminal off/', $stepless);
        self::assertStringNotContainsString('Insulate the end that is left', $stepless);
        $key = self::sheet($becomes(['switch closing when hot', ['coilFeed' => 'battery']], ['switch closing when hot', ['coilFeed' => 'ignition']]));
        self::assertStringContainsString('Take the wire from Battery + to Coil fuse 1 off Battery +, and cut its terminal off', $key);
    }

    /** Who only joins a dash switch to what was there bolts no relay and plugs no fan in. */
    /** A switch in the coolant is the plug of its hole: it stays in, or comes out only as the new one goes in. */
    public function test_what_closes_its_hole_in_the_cooling_system(): void
    {
        $file = Orchard::file();
        $became = static fn (array $decider): string => self::sheet(self::sizing([
            '/control/overrides' => [], '/control/stages' => [['id' => 'stage-1', 'fans' => ['fan-1'], 'side' => 'earth', 'decider' => $decider]],
            '/found' => ['fans' => $file['fans'], 'control' => [...$file['control'], 'overrides' => [], 'stages' => [[
                'id' => 'stage-1', 'fans' => ['fan-1'], 'side' => 'earth',
                'decider' => ['kind' => 'thermal-switch', 'action' => 'opens-when-hot', 'onC' => 95, 'offC' => 90, 'place' => 'radiator-inlet'],
            ]]], 'runs' => []],
        ]));
        $computer = $became(['kind' => 'computer', 'output' => 'fan', 'onC' => 95, 'offC' => 90, 'place' => 'radiator-inlet', 'openReadsHot' => true]);
        $closing = $became(['kind' => 'thermal-switch', 'action' => 'closes-when-hot', 'onC' => 95, 'offC' => 90, 'place' => 'radiator-inlet']);

        self::assertStringContainsString('leave it where it is, it closes its hole', $computer);
        self::assertStringNotContainsString('Fill with', $computer);
        self::assertStringContainsString('it comes out only when the new B1 goes into its place', $closing);
        self::assertStringContainsString('With the engine cold, let the coolant down', $closing);
        self::assertStringContainsString('Fill with', $closing);
    }

    public function test_what_is_tidied_is_what_came(): void
    {
        $tidied = static fn (Sizing $sizing): string => (string) strstr((string) strstr(self::sheet($sizing), 'Tidy it for good'), 'Steering from lock', true);

        self::assertSame("Tidy it for good\nTie the new wires for good, and sleeve them where they lie by themselves.\n", $tidied(self::sizing()));
        $all = $tidied(Orchard::sizing());
        self::assertStringContainsString('bolt relays and fuse holders', $all);
        self::assertStringContainsString('Plug the fan and the probe in last', $all);
    }

    /** What is renewed comes: its old one goes, the wires that led to it lead to the new one. */
    public function test_a_new_relay_in_the_place_of_the_old_one(): void
    {
        $sizing = self::sizing(['/renewed' => ['fan-1-relay'], '/control/overrides' => []]);
        $alteration = $sizing->alteration();

        self::assertSame(['fan-1-relay'], array_map(static fn (Component $one): string => $one->id, $alteration->coming()));
        self::assertSame(['fan-1-relay'], array_map(static fn (Component $one): string => $one->id, $alteration->going()));
        self::assertSame([], $alteration->wiresComing());
        self::assertStringContainsString('take it out', self::sheet($sizing));
    }

    /** The coil's plus of a relay that stays is moved to the battery: the lead from the key is taken off, another goes on. */
    public function test_a_coil_is_fed_from_the_battery_instead_of_the_key(): void
    {
        $sizing = self::sizing(['/control/coilFeed' => 'battery', '/control/overrides' => []]);
        $alteration = $sizing->alteration();

        self::assertCount(1, $alteration->wiresComing());
        self::assertStringContainsString(
            "J1: splice W1 to the end that comes from Coil fuse 1, crimped and sealed.\nInsulate the end that is left, from Ignition switch 75", self::sheet($sizing),
        );
    }

    /**
     * A fuse that was there stays where it is, 1.5 m from the battery as a fuse is from its relay: the new feed to it is without a fuse over all of
     * that, unless another length is told.
     */
    #[TestWith([null, 1.5])]
    #[TestWith([0.18, null])]
    #[TestWith([0.22, 0.22])]
    public function test_a_new_feed_to_a_fuse_that_stays(?float $toldM, ?float $unfusedM): void
    {
        $changes = ['/control/coilFeed' => 'battery', '/control/overrides' => [], ...($toldM === null ? [] : ['/runs/feed-to-fuse/lengthM' => $toldM])];
        $findings = array_filter(Findings::of(self::sizing($changes)), static fn (Finding $one): bool => $one->code === 'unfused-length' && $one->subject === 'coil-fuse');
        $lengthsM = array_map(static fn (Finding $one): float => $one->figures[0]->value->value, array_values($findings));

        self::assertSame($unfusedM === null ? [] : [$unfusedM], $lengthsM);
    }

    public function test_a_new_fuse_is_offered_in_the_place_of_one_far_from_its_new_feed(): void
    {
        $changes = ['/control/coilFeed' => 'battery', '/control/overrides' => []];
        $far = static fn (array $more): array => array_values(array_filter(
            Findings::of(self::sizing([...$changes, ...$more])), static fn (Finding $one): bool => $one->code === 'unfused-length',
        ));

        self::assertSame(['/renewed' => ['coil-fuse']], $far([])[0]->remedies[0]->changes->byPlace);
        self::assertSame([], $far(['/renewed' => ['coil-fuse']]));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'renewed, but it was not there' => [['/renewed' => ['fan-9-relay']], '/renewed/0'];
        yield 'told of a part that was not there' => [['/found/parts' => ['fan-7-relay' => ['ratedA' => 30]]], '/found/parts/fan-7-relay'];
        yield 'a fault that part cannot have' => [['/found/wrong' => [['part' => 'fan-1', 'fault' => 'coil-open']]], '/found/wrong/0'];
        yield 'a part that is not there is faulty' => [['/found/wrong' => [['part' => 'fan-2', 'fault' => 'open']]], '/found/wrong/0'];
        yield 'two faults that exclude each other' => [
            ['/found/wrong' => [['part' => 'fan-1', 'fault' => 'open'], ['part' => 'fan-1', 'fault' => 'jammed']]], '/found/wrong/1',
        ];
        yield 'an arrangement that does not go together' => [['/found/control/stages/0/decider/offC' => 99], '/found/control/stages/0/decider/offC'];
        yield 'nothing was there' => [['/found' => null, '/renewed' => ['fan-1-relay']], '/renewed/0'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('refused')]
    public function test_what_was_found_makes_sense(array $changes, string $at): void
    {
        try {
            self::sizing($changes);
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame([$at], array_map(static fn (Problem $problem): string => $problem->at, $refused->problems), $refused->getMessage());
        }
    }

    private static function sheet(Sizing $sizing): string
    {
        $words = Wording::english();
        $lines = [];
        foreach (Loom::of($sizing, Orchard::shelf())->steps as $step) {
            array_push($lines, $words->text($step->title), ...array_map(static fn (Message $item): string => $words->text($item), $step->items));
        }

        return implode("\n", $lines);
    }

    /**
     * The orchard's sprayer: found without its dash override, leaving with it.
     *
     * @param  array<string, mixed>  $changes
     */
    private static function sizing(array $changes = []): Sizing
    {
        $file = Orchard::file();
        $found = ['fans' => $file['fans'], 'control' => [...$file['control'], 'overrides' => []], 'runs' => $file['runs'] ?? []];

        return Orchard::sizing(['/found' => $found, ...$changes]);
    }
}
