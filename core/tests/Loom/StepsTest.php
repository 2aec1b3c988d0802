<?php

declare(strict_types=1);

namespace LampThread\Tests\Loom;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\MessageCatalogue;
use LampThread\Loom\ColdTest;
use LampThread\Loom\Loom;
use LampThread\Loom\PartRow;
use LampThread\Loom\Step;
use LampThread\Loom\Steps;
use LampThread\Message\Unit;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is told to be done, for the vehicle at hand. */
final class StepsTest extends TestCase
{
    private const ORDER = [
        'step.disconnect.title',
        'step.fit.title',
        'step.sensor.title',
        'step.cut.title',
        'step.lay.title',
        'step.prove.title',
        'step.tidy.title',
        'step.fill.title',
        'step.write-up.title',
    ];

    public function test_the_battery_is_off_first_and_nothing_is_proved_before_it_is_joined(): void
    {
        self::assertSame(self::ORDER, array_keys(self::does()));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string, string|null}> changes, step, what it says, what it does not */
    public static function said(): iterable
    {
        $decider = Combination::deciders();
        $load = Combination::loads();
        yield 'a puller goes behind the core' => [[], self::ORDER[1], 'behind the core as a puller', 'pusher'];
        yield 'the gap that is left' => [['/cooling/clearanceMm' => 90], self::ORDER[1], '24 mm expected', null];
        yield 'a pusher goes in front' => [
            ['/fans/0/mount' => 'pusher'], self::ORDER[1], 'in front of the core as a pusher.', 'turn the blade',
        ];
        yield 'and air goes the same way' => [['/fans/0/mount' => 'pusher'], self::ORDER[5], 'Air goes from the front through the core', null];
        yield 'a switch in a hose has an earth lead' => [['/control/stages/0/decider/place' => 'top-hose'], self::ORDER[2], 'not to the hose clamp', 'no tape'];
        yield 'a switch in the engine has none' => [
            ['/control/stages/0/decider/place' => 'engine-outlet'], self::ORDER[2], 'Use no tape on the thread', 'hose clamp',
        ];
        yield 'set points to watch for' => [[], self::ORDER[7], 'fan on at 92 °C, off at 87 °C, on again', null];
        yield 'the mix it is filled with' => [['/cooling/glycolPercent' => 40], self::ORDER[7], 'Fill with 40 % glycol', null];
        yield 'every position of a hand switch' => [
            ['/control/overrides' => [['kind' => 'three-position']]], self::ORDER[5], 'in each position, automatic, on, off, the fan does what it says', null,
        ];
        foreach (['switch carrying the fan', 'capillary carrying the fan', 'electronic, carrying the fan'] as $direct) {
            yield "{$direct}: it is made to run cold" => [
                Combination::changes($decider[$direct], $load['one fan']), self::ORDER[5], 'carries the fan itself: join B1 1 and B1 2. The fan runs', 'clicks',
            ];
        }
        yield 'a computer that knows of no fan is told' => [
            Combination::changes([...$decider['computer'], 'mustBeTold' => true], $load['one fan']), self::ORDER[5], 'the battery held up by a charger, the old file kept', null,
        ];
        yield 'one that knows is not' => [Combination::changes($decider['computer'], $load['one fan']), self::ORDER[5], 'clicks', 'charger'];
        yield 'a display tells the supply' => [Combination::changes($decider['electronic, carrying the fan'], $load['one fan']), self::ORDER[5], 'the display of B1', null];
        yield 'none is spoken of where there is none' => [Combination::changes($decider['electronic, to earth'], $load['one fan']), self::ORDER[5], 'clicks', 'display'];
        yield 'a controller is smoothed' => [
            Combination::changes($decider['stepless'], $load['one fan']), self::ORDER[1], 'across its supply', null,
        ];
        yield 'a fan made for the other side is turned round' => [
            ['/fans/0/mount' => 'pusher', '/fans/0/madeFor' => 'puller'], self::ORDER[1], 'turn the blade round on its shaft and exchange its leads', null,
        ];
        yield 'the clutch’s wire is tapped behind the pressure switch' => [
            ['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'interposing-relay']], self::ORDER[1], 'live only while the clutch is in', 'before its',
        ];
        yield 'the clutch’s wire is tapped before the pressure switch' => [
            ['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'interposing-relay', 'tap' => 'before-pressure-switch']],
            self::ORDER[1], 'before its pressure switch, on the side of the air-conditioning switch', 'behind its',
        ];
        yield 'a shroud is cut down before the fan goes in' => [['/fit/shroudWork' => 'cut-down'], self::ORDER[1], 'Cut the shroud down', 'Lengthen'];
        yield 'a shroud is lengthened' => [['/fit/shroudWork' => 'extended'], self::ORDER[1], 'Lengthen the shroud with angle', 'Cut the shroud'];
        yield 'a dash switch comes off at a plug' => [
            ['/wiring/dashPlugs' => true, '/control/overrides' => [['kind' => 'three-position']]], self::ORDER[1], 'both halves of the plug of Dash override', null,
        ];
        yield 'a relay on the fan’s bracket' => [['/control/relayPlace' => 'fan-bracket'], self::ORDER[1], 'K1 Mini relay 40 A, 12 V coil: on the fan’s bracket', 'dash'];
        yield 'a relay in a box' => [['/control/relayPlace' => 'box'], self::ORDER[1], 'which pin of which plug', 'terminals down'];
        yield 'a spare feed ends under a cap' => [
            ['/control/spareFeedA' => 12], self::ORDER[1], 'capped and tied back. Its fuse goes in when something is joined to it, of no more than 12 A', null,
        ];
        yield 'and its fuse stays out' => [['/control/spareFeedA' => 12], self::ORDER[5], 'fuses in, all but the spare feed’s', null];
        yield 'no spare feed, no word of one' => [[], self::ORDER[5], 'fuses in.', 'spare'];
        $module = ['kind' => 'plug-low-high', 'lowIsUnknown' => true];
        yield 'what low takes of a bought module is measured' => [
            [...Combination::changes($decider['computer'], $load['one fan']), '/control/overrides' => [$module]], self::ORDER[5], 'switch to low and let the fan run', null,
        ];
        yield 'nothing of a bought module is fitted by itself' => [
            [...Combination::changes($decider['computer'], $load['one fan']), '/control/overrides' => [$module]], self::ORDER[1],
            'inside the bought module', 'K2 Mini change-over relay 40/30 A, 12 V coil: terminals',
        ];
        yield 'a rest contact nobody uses is live' => [['/pinned/fan-1-relay' => 'mini-40-30-12v'], self::ORDER[1], 'Nothing goes on its 87a', null];
        yield 'a relay without one has none' => [['/pinned/fan-1-relay' => 'mini-40-12v'], self::ORDER[1], 'terminals down', '87a'];
        yield 'a bulb in a hose' => [
            Combination::changes([...$decider['capillary'], 'place' => 'top-hose'], $load['one fan']), self::ORDER[2], 'Lead the bulb into the hose', 'its earth',
        ];
        yield 'a bulb in the fins' => [
            Combination::changes([...$decider['capillary'], 'place' => 'core-inlet'], $load['one fan']), self::ORDER[2], 'between the fins', 'no tape',
        ];
        yield 'the sender of an electronic thermostat' => [
            Combination::changes([...$decider['electronic, to earth'], 'place' => 'top-hose'], $load['one fan']), self::ORDER[2], 'Cut out as much hose', 'earth lead goes',
        ];
        yield 'a computer has its own sensor' => [
            Combination::changes($decider['computer'], $load['one fan']), self::ORDER[2], 'nothing is fitted in the coolant', 'no tape',
        ];
        yield 'a relay that holds a fan off stops it' => [
            Combination::changes($decider['original'], $load['one fan'], 'earth', null, Combination::overrides()['change-over']), self::ORDER[5], 'clicks', null,
        ];
        yield 'two fans on one feed are measured there together' => [
            Combination::changes($decider['switch closing when hot'], [...$load['two, a relay each'], 'sharesRelay' => true]), self::ORDER[5],
            'Clamp meter round the lead of F2, all its fans running: about 16 A', null,
        ];
        yield 'one fan is measured by itself' => [[], self::ORDER[5], 'M1’s own lead', 'all its fans running'];
        yield 'a stepless fan is made to run cold' => [
            Combination::changes($decider['stepless'], $load['one fan']), self::ORDER[5], 'hold the probe in water of 92 °C and more', null,
        ];
        yield 'a relay worked by its feed has its 86 fed' => [
            [...Combination::changes($decider['switch closing when hot'], $load['one fan'], 'supply'), '/control/stages/0/decider/place' => 'core-inlet'],
            self::ORDER[5], 'Join K1 86 to a fused feed', 'Put K1 85 to earth',
        ];
        yield 'it is sleeved once it has been tried' => [[], self::ORDER[6], 'sleeve and tie the loom', null];
        yield 'an old circuit is taken out' => [['/control/existingFuseA' => 20], 'step.take-out.title', 'Take its 20 A fuse out', 'stays and is shared'];
        yield 'or shared' => [
            ['/control/existingFuseA' => 30, '/control/feed' => 'existing-circuit'], 'step.share.title', 'Its 30 A fuse stays and is shared', 'fuse out',
        ];
        yield 'the original is tapped' => [
            Combination::changes($decider['original'], $load['one fan'], 'earth', Combination::airConditioning()['interposing-relay']),
            'step.found.title', 'Both its ends go on as they did', 'Cut the wire',
        ];
        yield 'the original is changed over' => [
            Combination::changes($decider['original'], $load['one fan'], 'earth', null, Combination::overrides()['change-over']),
            'step.found.title', 'Cut the wire from Relay, fan-1 87 to Fan, fan-1 + where both ends can be reached', 'take it out',
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('said')]
    public function test_a_step_is_that_of_the_vehicle_at_hand(array $changes, string $step, string $says, ?string $not): void
    {
        $does = self::does($changes);
        self::assertArrayHasKey($step, $does);
        self::assertStringContainsString($says, $does[$step]);
        if ($not !== null) {
            self::assertStringNotContainsString($not, $does[$step]);
        }
    }

    /**
     * Nothing of the cooling system is opened for a condenser fan, a computer's output or a probe in the fins: nothing is filled.
     *
     * @param  list<string>  $steps
     */
    #[TestWith(['pressure switch', []])]
    #[TestWith(['computer', ['step.warm-up.title']])]
    #[TestWith(['capillary', ['step.warm-up.title'], 'core-inlet'])]
    public function test_coolant_is_filled_only_where_it_was_opened(string $decider, array $steps, string $place = 'radiator-inlet'): void
    {
        $told = Combination::deciders()[$decider];
        $does = self::does(Combination::changes([...$told, ...(isset($told['place']) ? ['place' => $place] : [])], Combination::loads()['one fan']));

        self::assertArrayNotHasKey('step.fill.title', $does);
        self::assertSame($steps, array_values(array_intersect(array_keys($does), ['step.warm-up.title'])));
    }

    public function test_pulling_in_says_what_it_does(): void
    {
        $holding = self::does(Combination::changes(Combination::deciders()['switch opening when hot'], Combination::loads()['one fan']))[self::ORDER[5]];

        self::assertStringContainsString('and the fan runs', self::does()[self::ORDER[5]]);
        self::assertMatchesRegularExpression('/moves no fan|stops/', $holding);
    }

    /** @return iterable<string, array{string}> */
    public static function demo(): iterable
    {
        foreach (glob(dirname(Orchard::PATH).'/*.lampthread.json') ?: [] as $path) {
            yield basename($path) => [$path];
        }
    }

    #[DataProvider('demo')]
    public function test_every_demo_job_can_be_built_by_its_steps(string $path): void
    {
        $sizing = self::job($path);
        $loom = Loom::of($sizing, Orchard::shelf());
        $all = implode("\n", array_map(static fn (Step $step): string => implode("\n", array_map(Orchard::english(...), $step->items)), $loom->steps));
        foreach ([...$sizing->circuit->each(FanMotor::class), ...$sizing->circuit->each(Fuse::class)] as $part) {
            self::assertStringContainsString($part->mark, $all);
        }
        foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
            $coldA = (new ColdTest($sizing))->currentA($motor);
            self::assertStringContainsString('about '.MessageCatalogue::quantity(Unit::Ampere->of($coldA)), $all, 'what a clamp meter will show');
            self::assertLessThan($sizing->envelope->greatestA($motor->id), $coldA, 'the engine stands');
        }
    }

    /** What is bought costs what the shelf asks, and every metre that is cut is bought. */
    #[DataProvider('demo')]
    public function test_every_demo_job_can_be_bought(string $path): void
    {
        $sizing = self::job($path);
        $loom = Loom::of($sizing, Orchard::shelf());
        $reels = [];
        foreach ($loom->wires as $wire) {
            $reels["Cable {$wire->size}, ".Orchard::english($wire->colourName)." ({$wire->colour})"][] = $wire->lengthM;
        }
        $bought = [];
        foreach (array_filter($loom->parts, static fn (PartRow $part): bool => $part->unit === 'm') as $part) {
            $bought[Orchard::english($part->part)] = $part;
        }

        self::assertEqualsCanonicalizing(array_keys($reels), array_keys($bought));
        foreach ($reels as $cable => $lengthsM) {
            self::assertEqualsWithDelta(array_sum($lengthsM), $bought[$cable]->quantity, 0.005);
            self::assertNotNull($bought[$cable]->price, $cable);
        }
    }

    private static function job(string $path): Sizing
    {
        return Sizing::of(JobFile::standard(Orchard::shelf())->brief(json_decode((string) file_get_contents($path), true)), Orchard::shelf());
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, string> code of each step’s title, in order, to all it says to do
     */
    private static function does(array $changes = []): array
    {
        $does = [];
        foreach (Steps::of(Orchard::sizing($changes)) as $step) {
            $does[$step->title->code] = implode("\n", array_map(Orchard::english(...), $step->items));
        }

        return $does;
    }
}
