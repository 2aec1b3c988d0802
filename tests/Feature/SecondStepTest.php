<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use LampThread\Exchange\JobFile;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** After a first step the job is used on: sent again, read again, from two windows, exported and read back. */
final class SecondStepTest extends TestCase
{
    public function test_a_change_whose_answer_was_lost_is_sent_again_and_made_once(): void
    {
        $id = $this->orchard()['id'];
        $add = ['label' => 'Add a fan', 'picks' => ['/addFan'], 'id' => 'change-00000001', 'window' => 'window-0001'];
        $this->change($id, 1, $add)->assertOk()->assertJsonCount(2, 'file.fans');
        $this->change($id, 1, $add)->assertOk()->assertJsonCount(2, 'file.fans')->assertJsonPath('version', 2);
        $this->change($id, 2, [...$add, 'id' => 'change-00000002'])->assertOk()->assertJsonCount(3, 'file.fans');
        $this->change($id, 2, ['label' => 'x', 'changes' => ['/fans/0/runA' => 12], 'id' => 'change-00000003'])->assertConflict();
        $this->postJson("/api/jobs/{$id}/undo", ['version' => 3])->assertOk()->assertJsonCount(2, 'file.fans');
    }

    /** Typed on in one window is one step of undo; the same field typed in two is two. */
    public function test_changes_of_one_field_from_two_windows_are_two_revisions(): void
    {
        $id = $this->orchard()['id'];
        $type = fn (int $version, string $window, int $runA): TestResponse => $this->change($id, $version, [
            'label' => 'Running current', 'changes' => ['/fans/0/runA' => $runA], 'window' => $window,
        ]);
        $type(1, 'window-0001', 11)->assertOk();
        $type(2, 'window-0001', 12)->assertOk();
        $type(3, 'window-0002', 13)->assertOk();
        self::assertSame([3, 2, 1], array_column($this->getJson("/api/jobs/{$id}/revisions")->json(), 'number'));
        $this->postJson("/api/jobs/{$id}/undo", ['version' => 4])->assertOk()->assertJsonPath('file.fans.0.runA', 12);
        $this->postJson("/api/jobs/{$id}/undo", ['version' => 5])->assertOk()->assertJsonPath('file.fans.0.runA', 15.5);
    }

    public function test_what_was_worked_out_for_a_job_that_has_moved_on_is_not_put_into_it(): void
    {
        $id = $this->orchard()['id'];
        $this->change($id, 1, ['label' => 'x', 'changes' => ['/fans/0/runA' => 12]])->assertOk();
        $remedy = ['label' => 'A remedy', 'changes' => ['/fans/0/runA' => 9], 'madeOn' => 1];
        $this->change($id, 2, $remedy)->assertUnprocessable()->assertJsonPath('problems.0.messages.message.code', 'input.no-such-pick');
        $this->change($id, 2, [...$remedy, 'madeOn' => 2])->assertOk()->assertJsonPath('file.fans.0.runA', 9);
        $this->change($id, 3, ['label' => 'x', 'picks' => ['/fans/fan-7/remove']])->assertUnprocessable();
    }

    /** What a small motorcycle is told by hand, each as it is typed (the thirteen fields that once took no number). */
    public function test_every_figure_of_a_vehicle_can_be_typed_and_stands_in_the_job(): void
    {
        $id = $this->orchard()['id'];
        $this->change($id, 1, ['label' => 'x', 'changes' => ['/control/lockouts' => ['engineSpeed' => ['rpm' => 4500]], '/candidates' => [
            ['name' => 'other', 'diameterMm' => 250, 'depthMm' => 50, 'ratedV' => 13, 'runA' => 5, 'startA' => null, 'flowM3h' => 900],
        ]]])->assertOk();
        $typed = [
            '/heat/ratedKw' => ['15 PS', 11.0325], '/heat/engineKg' => ['28 kg', 28], '/heat/heatShare' => ['0.9', 0.9], '/heat/airShare' => ['0,35', 0.35],
            '/heat/coreWPerK' => ['190 W/K', 190], '/roadLoad/massKg' => ['500 lb', 226.796], '/roadLoad/frontalM2' => ['0.7 m²', 0.7],
            '/roadLoad/dragCoefficient' => ['0.6', 0.6], '/roadLoad/rollingCoefficient' => ['0.02', 0.02], '/control/lockouts/engineSpeed/rpm' => ['6200', 6200],
            '/usage/hoursPerYear' => ['150 h', 150], '/usage/startsPerHour' => ['9', 9], '/candidates/0/noiseDb' => ['66 dB', 66],
        ];
        $this->change($id, 2, ['label' => 'x', 'typed' => array_map(static fn (array $one): string => $one[0], $typed)])->assertOk();
        $file = json_decode((string) $this->get("/api/jobs/{$id}/file")->getContent(), true);
        foreach ($typed as $place => [, $kept]) {
            self::assertEqualsWithDelta($kept, array_reduce(explode('/', substr($place, 1)), static fn (mixed $at, string $step): mixed => $at[$step], $file), 1e-3, $place);
        }
    }

    public function test_a_long_record_and_empty_stretches_go_out_and_come_back_as_they_were(): void
    {
        $file = Orchard::file(['/runs' => ['stub' => new \stdClass], '/heat' => new \stdClass]);
        $file['record'] = array_map(static fn (int $at): array => [
            'kind' => 'note', 'step' => '', 'by' => 'QF', 'at' => '2026-11-20T09:00:00Z', 'jobVersion' => 1, 'text' => "Note {$at}: ".str_repeat('fan ', 200),
        ], range(1, 900));
        $id = $this->postText('/api/jobs/import', JobFile::encode($file))->assertCreated()->json('id');
        cache()->store()->clear();
        $this->startAnew();
        $this->getJson("/api/jobs/{$id}")->assertOk();
        $first = (string) $this->get("/api/jobs/{$id}/file")->assertOk()->getContent();
        self::assertGreaterThan(700_000, strlen($first));
        cache()->store()->clear();
        $again = $this->postText('/api/jobs/import', $first)->assertCreated()->json('id');
        self::assertSame($first, (string) $this->get("/api/jobs/{$again}/file")->getContent());
        self::assertStringContainsString('"stub": {}', $first);
    }

    public function test_a_dossier_is_made_of_a_job_of_which_next_to_nothing_is_told(): void
    {
        $file = Orchard::file();
        $file['job'] = ['title' => 'Nothing told'];
        $id = $this->postText('/api/jobs/import', JobFile::encode($file))->assertCreated()->json('id');
        $this->get("/api/jobs/{$id}/dossier.pdf")->assertOk();
        $this->postJson("/api/jobs/{$id}/duplicate")->assertCreated()->assertJsonPath('file.job.title', 'Nothing told, copy');
    }

    /** Whole numbers are whole however they are written; numbers beyond all measure are refused where they stand. */
    #[TestWith(['1.0', 200])]
    #[TestWith(['1e0', 200])]
    #[TestWith(['9223372036854775808', 422])]
    #[TestWith(['1e400', 422])]
    #[TestWith(['1.5', 422])]
    public function test_a_version_is_a_whole_number_however_it_is_written(string $version, int $status): void
    {
        $id = $this->orchard()['id'];
        foreach (['changes' => '"label":"x","changes":{"/fans/0/runA":12},', 'undo' => ''] as $door => $body) {
            DB::beginTransaction();
            $this->startAnew();
            $this->postText("/api/jobs/{$id}/{$door}", "{{$body}\"version\":{$version}}")->assertStatus($status);
            DB::rollBack();
        }
        $this->getJson("/api/jobs/{$id}/proof/compare/99999999999999999999")->assertNotFound();
        $this->postText("/api/jobs/{$id}/revisions/18446744073709551616", '{"version":1}')->assertNotFound();
    }

    public function test_an_erased_job_takes_its_runs_of_practice_along_and_nobodys_name_stands_in_one(): void
    {
        $id = $this->orchard()['id'];
        $this->postJson('/api/practice', ['person' => 'x', 'job' => $id, 'grade' => 'easy'])->assertCreated();
        $this->postJson('/api/practice', ['person' => 'x', 'lesson' => 'lamp-1'])->status();
        self::assertStringNotContainsString('Saltmarsh Lane orchards', (string) json_encode(DB::table('practice_runs')->pluck('file')));
        $this->deleteJson("/api/jobs/{$id}", ['version' => 1])->assertNoContent();
        $this->postJson("/api/jobs/{$id}/erase", ['version' => Job::withTrashed()->find($id)->version ?? 0])->assertNoContent();
        self::assertSame(0, DB::table('practice_runs')->whereNull('lesson')->count());
    }

    /**
     * @param  array<string, mixed>  $change
     * @return TestResponse<Response>
     */
    private function change(string $id, int $version, array $change): TestResponse
    {
        $this->startAnew();

        return $this->postJson("/api/jobs/{$id}/changes", ['version' => $version, ...$change]);
    }
}
