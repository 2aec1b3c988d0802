<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Brief\Changes;
use LampThread\Exchange\BriefForm;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Picks;
use LampThread\Exchange\VehicleState;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is picked in the form changes the job as it is by then. */
final class PicksTest extends TestCase
{
    /** Names were drawn from the job before these figures were typed. */
    public function test_a_fan_that_is_added_is_like_the_last_as_it_was_typed_meanwhile(): void
    {
        $file = self::picked(Orchard::file(['/fans/0/diameterMm' => 305, '/fans/0/depthMm' => 60, '/fans/0/flowM3h' => 1700]), '/addFan');

        self::assertSame([[305, 60, 1700], [305, 60, 1700]], array_map(static fn (array $fan): array => [$fan['diameterMm'], $fan['depthMm'], $fan['flowM3h']], $file['fans']));
        self::assertSame(['fan-1', 'fan-2'], $file['control']['stages'][0]['fans']);
        self::assertSame(['fan-2'], array_column(self::picked($file, '/fans/fan-1/remove')['fans'], 'id'));
    }

    public function test_the_last_fan_stays_and_a_fifth_does_not_come(): void
    {
        $file = Orchard::file();
        self::assertFalse(self::has($file, '/fans/fan-1/remove'));
        foreach ([2, 3, 4] as $_) {
            $file = self::picked($file, '/addFan');
        }
        self::assertFalse(self::has($file, '/addFan'));
    }

    /** Two fans at two temperatures: the second five degrees above the first (common practice, no source), and what was told of it stays. */
    public function test_the_second_of_two_stages_comes_on_above_the_first_until_it_is_told(): void
    {
        $file = self::picked(self::picked(Orchard::file(), '/addFan'), '/ways/options/stages');
        [$first, $second] = array_column($file['control']['stages'], 'decider');
        self::assertSame([$first['onC'] + 5, $first['offC'] + 5], [$second['onC'], $second['offC']]);

        $told = JobDocument::of($file)->with(Changes::of(['/control/stages/1/decider/onC' => 101, '/control/stages/1/decider/offC' => 99]))->file;
        self::assertSame(101, self::picked($told, '/ways/options/series-parallel')['control']['stages'][1]['decider']['onC']);
        self::assertNull(self::picked(self::picked($told, '/ways/options/series-parallel'), '/fans/fan-2/remove')['control']['speeds']);
    }

    public function test_a_candidate_and_the_fan_change_places_and_one_that_is_no_longer_there_is_not_taken(): void
    {
        $file = self::picked(Orchard::file(), '/addCandidate');
        $file = JobDocument::of($file)->with(Changes::of(['/candidates/0/name' => 'strong', '/candidates/0/runA' => 22]))->file;
        $taken = self::picked($file, '/candidates/0 strong');
        self::assertSame(['strong', 22], [$taken['fans'][0]['name'], $taken['fans'][0]['runA']]);
        self::assertSame([15.5], array_column($taken['candidates'], 'runA'));

        $this->expectExceptionMessage('input.no-such-pick');
        self::picked($taken, '/candidates/0 strong/remove');
    }

    /** A pressed choice of a group keeps what is told of it. */
    #[TestWith(['/engineFan/options/kept', '/engineFan/diameterMm', 380])]
    #[TestWith(['/afterRun/options/push', '/control/afterRun/delayS', 90])]
    #[TestWith(['/engineSpeed/options/opens-above', '/control/lockouts/engineSpeed/rpm', 3900])]
    #[TestWith(['/coilFeed/options/existing-circuit', '/control/existingFuseA', 20])]
    public function test_a_choice_that_opens_a_group_keeps_what_was_told_of_it(string $pick, string $place, int $told): void
    {
        $file = Orchard::file([
            '/engineFan' => ['drive' => 'fixed', 'isRemoved' => true, 'diameterMm' => 380], '/control/afterRun' => ['delayS' => 90],
            '/control/lockouts' => ['engineSpeed' => ['rpm' => 3900], 'cranking' => true], '/control/existingFuseA' => 20,
        ]);
        $picked = self::picked($file, $pick);
        self::assertSame($told, array_reduce(explode('/', substr($place, 1)), static fn (mixed $at, string $step): mixed => $at[$step], $picked));
        self::assertTrue($picked['control']['lockouts']['cranking']);
    }

    public function test_a_plan_of_the_vehicle_keeps_what_was_told_and_names_what_it_has_otherwise(): void
    {
        $file = Orchard::file(['/supply/batteryPlace' => 'seat', '/runs' => ['fuse-to-relay' => ['lengthM' => 2.7]]]);
        $planned = self::picked($file, '/plan/options/front-engine');
        self::assertSame(['seat', 2.7], [$planned['supply']['batteryPlace'], $planned['runs']['fuse-to-relay']['lengthM']]);
        self::assertSame('seat', $planned['plan']['places']['battery']);
        self::assertGreaterThan(0, $planned['runs']['relay-to-fan']['lengthM'], 'what was not told comes out of the plan');

        self::assertSame(['fuse-to-relay'], array_column(self::form($planned)['plan']['contradictions'], 'id'));
        $followed = self::picked($planned, '/plan/contradictions/fuse-to-relay');
        self::assertNotSame(2.7, $followed['runs']['fuse-to-relay']['lengthM']);
        self::assertSame([], self::form($followed)['plan']['contradictions']);
        // A machine has no boot to put it into: that is asked too.
        $machine = self::picked(JobDocument::of($planned)->with(Changes::of(['/supply/batteryPlace' => 'boot']))->file, '/plan/options/machine');
        self::assertSame('boot', $machine['supply']['batteryPlace']);
        self::assertContains('battery', array_column(self::form($machine)['plan']['contradictions'], 'id'));
        self::assertNotSame($planned['runs']['relay-to-fan']['lengthM'], $machine['runs']['relay-to-fan']['lengthM'], 'a length of the plan before follows the new one');
    }

    public function test_each_name_of_the_form_is_one_and_stands_for_what_it_is_drawn_at(): void
    {
        $names = [];
        $form = Picks::named(self::form(self::picked(self::picked(Orchard::file(), '/addFan'), '/ways/options/stages')));
        array_walk_recursive($form, static function (mixed $value, int|string $key) use (&$names): void {
            if (($key === 'pick' || $key === 'remove') && $value !== null) {
                $names[] = $value;
            }
        });
        self::assertSame(array_values(array_unique($names)), $names);
        self::assertGreaterThan(100, count($names));
        self::assertStringNotContainsString('"changes"', (string) json_encode($form));
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    private static function picked(array $file, string $pick): array
    {
        return Orchard::files()->decode(JobFile::encode(JobDocument::of($file)->with(Picks::changes(self::form($file), $pick))->file));
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed>
     */
    private static function form(array $file): array
    {
        return BriefForm::of(Orchard::files()->brief($file), $file, VehicleState::Leaves, Orchard::shelf());
    }

    /** @param  array<string, mixed>  $file */
    private static function has(array $file, string $pick): bool
    {
        try {
            self::picked($file, $pick);

            return true;
        } catch (\LampThread\Message\InvalidInput) {
            return false;
        }
    }
}
