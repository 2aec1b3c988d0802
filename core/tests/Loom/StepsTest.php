<?php

declare(strict_types=1);

namespace LampThread\Tests\Loom;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Exchange\JobFile;
use LampThread\Loom\Loom;
use LampThread\Loom\PartRow;
use LampThread\Loom\Step;
use LampThread\Loom\Steps;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Combination;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is told to be done, for the vehicle at hand. */
final class StepsTest extends TestCase
{
    private const ORDER = [
        'Disconnect the battery',
        'Fit fan, relay and fuse holders',
        'Fit the temperature switch',
        'Cut, crimp and label',
        'Lay the loom and join it',
        'Prove it cold',
        'Fill, bleed, warm up',
        'Write it up',
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
            ['/fans/0/mount' => 'pusher'], self::ORDER[1], 'in front of the core as a pusher: blade turned round and polarity reversed', 'puller',
        ];
        yield 'and air goes the same way' => [['/fans/0/mount' => 'pusher'], self::ORDER[5], 'Air goes from the front through the core', null];
        yield 'a switch in a hose has an earth lead' => [['/control/stages/0/decider/place' => 'top-hose'], self::ORDER[2], 'not to the hose clamp', 'no tape'];
        yield 'a switch in the engine has none' => [['/control/stages/0/decider/place' => 'engine-outlet'], self::ORDER[2], 'Use no tape on the thread', 'hose clamp'];
        yield 'set points to watch for' => [[], self::ORDER[6], 'fan on at 92 °C, off at 87 °C, on again', null];
        yield 'the mix it is filled with' => [['/cooling/glycolPercent' => 40], self::ORDER[6], 'Fill with 40 % glycol', null];
        yield 'every position of a hand switch' => [
            ['/control/override' => ['kind' => 'three-position']], self::ORDER[5], 'through automatic, on, off, the fan does what it says', null,
        ];
        yield 'a controller is smoothed' => [
            Combination::changes($decider['stepless'], $load['one fan']), self::ORDER[1], 'across its supply', null,
        ];
        yield 'an old circuit is taken out' => [['/control/existingFuseA' => 20], 'Take out the old fan circuit', 'Take its 20 A fuse out', 'stays and is shared'];
        yield 'or shared' => [
            ['/control/existingFuseA' => 30, '/control/feed' => 'existing-circuit'], 'Take out the old fan circuit', 'Its 30 A fuse stays and is shared', 'fuse out',
        ];
        yield 'the original is tapped' => [
            Combination::changes($decider['original'], $load['one fan'], 'earth', Combination::airConditioning()['interposing-relay']),
            'Mark the original wiring', 'nothing is cut', 'cut the fan’s plus',
        ];
        yield 'the original is changed over' => [
            Combination::changes($decider['original'], $load['one fan'], 'earth', null, Combination::overrides()['change-over']),
            'Mark the original wiring', 'cut the fan’s plus', 'nothing is cut',
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
        $all = implode("\n", array_map(static fn (Step $step): string => implode("\n", $step->does), $loom->steps));
        foreach ([...$sizing->circuit->each(FanMotor::class), ...$sizing->circuit->each(Fuse::class)] as $part) {
            self::assertStringContainsString($part->mark, $all);
        }
        foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
            self::assertStringContainsString(sprintf('about %.1f A', $sizing->duty->greatestA($motor->id)), $all, 'what a clamp meter will show');
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
            $reels["Cable {$wire->size}, {$wire->colourName} ({$wire->colour})"][] = $wire->lengthM;
        }
        $bought = array_column(array_filter($loom->parts, static fn (PartRow $part): bool => $part->unit === 'm'), null, 'part');

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
     * @return array<string, string> title of each step, in order, to all it says to do
     */
    private static function does(array $changes = []): array
    {
        return array_map(
            static fn (array $does): string => implode("\n", $does),
            array_column(Steps::of(Orchard::sizing($changes)), 'does', 'title'),
        );
    }
}
