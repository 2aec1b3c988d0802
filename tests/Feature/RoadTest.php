<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use LampThread\Exchange\DriveCsv;
use LampThread\Parts\Shelf;
use LampThread\Parts\SwitchPart;
use LampThread\Road\Drives;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class RoadTest extends TestCase
{
    public function test_a_drive_is_driven_with_one_setting_and_with_two(): void
    {
        $id = $this->orchard()['id'];
        $one = $this->postJson("/api/jobs/{$id}/road", ['drive' => '3-queue', 'ambientC' => 30, 'altitudeM' => 500])->assertOk();
        $this->assertFits('road', (string) $one->getContent());
        self::assertCount(1, $one->json('outcomes'));
        self::assertCount(6, $one->json('drives'));

        $two = $this->postJson("/api/jobs/{$id}/road", [
            'drive' => '3-queue', 'label' => 'Late', 'changes' => ['/control/stages/0/decider/onC' => 100, '/control/stages/0/decider/offC' => 95],
        ])->assertOk();
        $this->assertFits('road', (string) $two->getContent());
        self::assertGreaterThan($two->json('outcomes.0.peakC') + 3, $two->json('outcomes.1.peakC'));
        self::assertSame(1, $this->getJson("/api/jobs/{$id}")->json('version'), 'nothing is saved by driving');
    }

    public function test_what_cannot_be_driven_is_refused_with_its_place(): void
    {
        $id = $this->orchard()['id'];
        foreach ([['drive' => 'moon'], ['ambientC' => 'hot'], ['altitudeM' => 90000], ['startsC' => 500]] as $asked) {
            $this->postJson("/api/jobs/{$id}/road", $asked)->assertUnprocessable()->assertJsonPath('problems.0.at', '/'.array_key_first($asked));
        }
        $this->postJson("/api/jobs/{$id}/road", ['changes' => ['/control/stages/0/decider/onC' => 20]])->assertUnprocessable();
    }

    public function test_figures_of_a_drive_are_taken_as_typed(): void
    {
        $id = $this->orchard()['id'];
        $road = $this->postJson("/api/jobs/{$id}/road", ['ambientC' => '104F', 'startsC' => '80', 'altitudeM' => '1 mile'])->assertUnprocessable();
        self::assertSame('/altitudeM', $road->json('problems.0.at'));
        $road = $this->postJson("/api/jobs/{$id}/road", ['ambientC' => '104F', 'startsC' => '80', 'altitudeM' => '5000ft'])->assertOk();

        self::assertEqualsWithDelta(40, $road->json('drive.ambientC'), 1e-3);
        self::assertEqualsWithDelta(80, $road->json('drive.startsC'), 1e-9);
        self::assertEqualsWithDelta(1524, $road->json('altitudeM'), 1e-3);
        $sea = $this->postJson("/api/jobs/{$id}/road", ['ambientC' => 40, 'startsC' => 80])->assertOk();
        self::assertLessThan($sea->json('boilsC'), $road->json('boilsC'), 'it boils sooner higher up');
    }

    public function test_a_drive_is_brought_driven_and_taken_along(): void
    {
        $id = $this->orchard()['id'];
        $csv = DriveCsv::write(Drives::standard()['5-climb']);
        $own = $this->postCsv("/api/jobs/{$id}/road/drives?name=Our%20hill", $csv)->assertCreated()->json('id');
        $driven = $this->postJson("/api/jobs/{$id}/road", ['drive' => $own])->assertOk();
        self::assertSame('Our hill', $driven->json('drive.name'));
        self::assertSame($csv, (string) $this->get("/api/drives/{$own}.csv")->assertOk()->getContent());
        $this->get('/api/drives/nothing.csv')->assertNotFound();
        $this->postCsv("/api/jobs/{$id}/road/drives", $csv)->assertUnprocessable()->assertJsonPath('problems.0.at', '/name');
        $this->postCsv("/api/jobs/{$id}/road/drives?name=x", 'time_s')->assertUnprocessable();
    }

    #[TestWith(['{"startsC":80}'])]
    #[
        TestWith(
            [
                '{"startsC":80,"timesS":[0,1],"speedsKmh":[0,1],"enginesRpm":[0,1],"loads":[0,1],"ambientsC":[20,20],"airConditioning":[true],"keysOn":[true,true]}',
            ],
        ),
    ]
    #[TestWith(['nothing'])]
    public function test_a_stored_drive_that_no_longer_reads_does_not_stop_the_others(string $stored): void
    {
        $id = $this->orchard()['id'];
        $own = $this->postCsv("/api/jobs/{$id}/road/drives?name=Hill", DriveCsv::write(Drives::standard()['5-climb']))->json('id');
        DB::table('drives')->update(['drive' => $stored]);

        $road = $this->postJson("/api/jobs/{$id}/road", ['drive' => '5-climb'])->assertOk();
        $this->assertFits('road', (string) $road->getContent());
        self::assertSame([['id' => $own, 'name' => 'Hill']], $road->json('unreadableDrives'));
        self::assertCount(6, $road->json('drives'));
        $this->postJson("/api/jobs/{$id}/road", ['drive' => $own])->assertUnprocessable()->assertJsonPath('problems.0.at', '/drive');
    }

    public function test_a_drive_is_made_on_the_screen_and_changed_there(): void
    {
        $id = $this->orchard()['id'];
        $leg = static fn (float $minutes, float $speedKmh, float $gradientPercent): array => [
            'minutes' => $minutes, 'speedKmh' => $speedKmh, 'gradientPercent' => $gradientPercent, 'engineRpm' => null, 'airConditioning' => false, 'keyOn' => true,
        ];
        $made = ['name' => 'The quarry', 'startsC' => 60, 'ambientC' => 38, 'trailerKg' => 0, 'legs' => [$leg(5, 30, 0), $leg(25, 30, 14)]];
        $drive = $this->postJson("/api/jobs/{$id}/road/drives/made", $made)->assertCreated()->assertJsonPath('lastsS', 1800)->json('id');
        $hot = $this->postJson("/api/jobs/{$id}/road", ['drive' => $drive])->assertOk()->json('outcomes.0.peakC');
        $heavy = $this->postJson("/api/jobs/{$id}/road", ['drive' => $drive, 'trailerKg' => 3000])->assertOk()->json('outcomes.0.peakC');
        self::assertGreaterThan($hot + 1, $heavy, 'a trailer is pulled up the hill');

        self::assertEquals([...$made, 'version' => 1], $this->getJson("/api/drives/{$drive}/legs")->assertOk()->json());
        $level = [...$made, 'legs' => [$leg(15, 30, 0)]];
        $other = $this->postJson("/api/jobs/{$id}/road/drives/made?inPlaceOf={$drive}", [...$level, 'version' => 1])->assertCreated()->json('id');
        $this->postJson("/api/jobs/{$id}/road/drives/made?inPlaceOf={$drive}", [...$made, 'version' => 1])->assertConflict();
        self::assertLessThan($hot, $this->postJson("/api/jobs/{$id}/road", ['drive' => $other])->json('outcomes.0.peakC'));
        self::assertCount(1, array_filter($this->postJson("/api/jobs/{$id}/road", ['drive' => $other])->json('drives'), static fn (array $one): bool => $one['isOwn']));

        foreach ([[...$made, 'legs' => []], [...$made, 'legs' => [$leg(5, 30, 120)]], [...$made, 'legs' => array_fill(0, 3, $leg(600, 30, 0))]] as $spoiled) {
            $this->postJson("/api/jobs/{$id}/road/drives/made", $spoiled)->assertUnprocessable();
        }
    }

    public function test_the_shares_of_a_year_are_typed_one_by_one_and_taken_back(): void
    {
        $id = $this->orchard()['id'];
        $type = fn (int $version, string $drive, string $typed): TestResponse => $this->postJson("/api/jobs/{$id}/changes", [
            'version' => $version, 'label' => 'Share', 'typed' => ["/usage/yearPercent/{$drive}" => $typed],
        ]);
        $type(1, '2-town', '50')->assertOk();
        $file = $type(2, '3-queue', '12,5 %')->assertOk()->json('file');
        self::assertEqualsWithDelta(['2-town' => 50, '3-queue' => 12.5], $file['usage']['yearPercent'], 1e-9);
        foreach (['120', '-1', '5 kg', 'often'] as $wrong) {
            $type(3, '2-town', $wrong)->assertUnprocessable()->assertJsonPath('problems.0.at', '/usage/yearPercent/2-town');
        }
        $back = $this->postJson("/api/jobs/{$id}/changes", ['version' => 3, 'label' => 'Share', 'changes' => ['/usage/yearPercent/2-town' => null]])->assertOk();
        self::assertSame(['3-queue'], array_keys($back->json('file.usage.yearPercent')));
        $task = $this->postJson("/api/jobs/{$id}/tasks/sweep", ['mix' => ['2-town' => 50, '3-queue' => 12.5], 'gapsK' => [5]])->assertOk();
        self::assertContains($task->json('rows.0.switch.name'), [null, ...array_map(
            static fn (SwitchPart $switch): string => $switch->name, Shelf::standard()->switches(),
        )]);
    }

    public function test_the_card_says_what_is_set_and_what_must_then_run(): void
    {
        $id = $this->orchard()['id'];
        $card = $this->getJson("/api/jobs/{$id}/road/card")->assertOk();
        $this->assertFits('set-point-card', (string) $card->getContent());
        self::assertSame([92.0, 87.0, 198.0, 189.0], array_map(floatval(...), [
            $card->json('rows.0.onC'), $card->json('rows.0.offC'), $card->json('rows.0.onF'), $card->json('rows.0.offF'),
        ]));
    }

    public function test_an_imported_drive_is_removed_again_whether_it_reads_or_not(): void
    {
        $id = $this->orchard()['id'];
        $csv = "time_s,speed_kmh,engine_rpm\n0,0,800\n60,50,2000\n";
        $drive = $this->postCsv("/api/jobs/{$id}/road/drives?name=Hill", $csv)
            ->assertCreated()->assertJsonPath('isOwn', true)->json('id');
        DB::table('drives')->update(['drive' => '{']);
        $this->postJson("/api/jobs/{$id}/road", ['drive' => '3-queue'])->assertOk()
            ->assertJsonPath('unreadableDrives.0.name', 'Hill')->assertJsonPath('drive.isOwn', false);
        $this->deleteJson("/api/drives/{$drive}")->assertNoContent();
        $this->deleteJson('/api/drives/3-queue')->assertNotFound();
        $this->postJson("/api/jobs/{$id}/road", ['drive' => '3-queue'])->assertJsonPath('unreadableDrives', []);
    }
}
