<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use Illuminate\Support\Facades\DB;
use LampThread\Brief\Changes;
use LampThread\Exchange\JobDocument;
use LampThread\Exchange\JobFile;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class JobsTest extends TestCase
{
    public function test_answers_fit_their_schemas(): void
    {
        $saved = $this->orchard();

        $this->assertFits('saved-job', (string) $this->getJson("/api/jobs/{$saved['id']}")->assertOk()->getContent());
        $this->assertFits('job-list', (string) $this->getJson('/api/jobs')->assertOk()->getContent());
        $bench = $this->postJson("/api/jobs/{$saved['id']}/bench", ['set' => ['key' => 'run', 'coolantC' => 95], 'memory' => (object) []]);
        $this->assertFits('bench', (string) $bench->assertOk()->getContent());
    }

    public function test_of_a_new_job_only_what_nobody_has_looked_at_is_said_once(): void
    {
        $findings = $this->postJson('/api/jobs', ['arrangement' => null])->assertCreated()->json('design.findings');

        self::assertSame(['tapped-fuse-assumed'], array_column($findings, 'code'));
        self::assertSame(['note'], array_column($findings, 'severity'));
    }

    public function test_a_typed_change_is_read_saved_and_answered_with_the_new_design(): void
    {
        $saved = $this->orchard();
        $changed = $this->postJson("/api/jobs/{$saved['id']}/changes", [
            'version' => 1, 'label' => 'On at', 'typed' => ['/control/stages/0/decider/onC' => '203F'],
        ])->assertOk();

        $changed->assertJsonPath('version', 2)->assertJsonPath('undoes', 'On at');
        self::assertEqualsWithDelta(95.0, $changed->json('file.control.stages.0.decider.onC'), 1e-6);
        self::assertSame($changed->json('file'), $this->getJson("/api/jobs/{$saved['id']}")->json('file'));
    }

    public function test_every_demo_job_takes_a_change(): void
    {
        foreach (glob(base_path('core/data/jobs/*.lampthread.json')) ?: [] as $path) {
            $id = $this->postText('/api/jobs/import', (string) file_get_contents($path))->assertCreated()->json('id');
            $changed = $this->change($id, 1, ['/job/notes' => 'Seen'], 'Notes')->assertOk();
            $this->assertFits('saved-job', (string) $changed->getContent());
        }
    }

    public function test_undo_and_redo_walk_the_history_and_no_change_takes_any_of_it_away(): void
    {
        $id = $this->orchard()['id'];
        $runA = fn (): mixed => $this->getJson("/api/jobs/{$id}")->json('file.fans.0.runA');
        $this->change($id, 1, ['/fans/0/runA' => 10], 'first');
        $this->change($id, 2, ['/fans/0/runA' => 12], 'second');

        $this->postJson("/api/jobs/{$id}/undo", ['version' => 3])->assertJsonPath('redoes', 'second');
        self::assertEquals(10, $runA());
        $this->postJson("/api/jobs/{$id}/undo", ['version' => 4])->assertJsonPath('undoes', null);
        self::assertEquals(15.5, $runA());
        $this->postJson("/api/jobs/{$id}/undo", ['version' => 5])->assertOk();
        self::assertEquals(15.5, $runA(), 'there is nothing before the first');
        $this->postJson("/api/jobs/{$id}/redo", ['version' => 5])->assertJsonPath('redoes', 'second');
        self::assertEquals(10, $runA());
        $this->change($id, 6, ['/fans/0/runA' => 11], 'third')->assertJsonPath('redoes', null);

        $history = $this->getJson("/api/jobs/{$id}/revisions");
        $this->assertFits('revisions', (string) $history->getContent());
        self::assertSame([4 => 2, 3 => 2, 2 => 1, 1 => null], array_column($history->json(), 'parent', 'number'));
        $this->postJson("/api/jobs/{$id}/revisions/3", ['version' => 7])->assertOk()->assertJsonPath('undoes', 'second');
        self::assertEquals(12, $runA(), 'what was undone is there to go back to');
        $this->postJson("/api/jobs/{$id}/revisions/9", ['version' => 8])->assertNotFound();
    }

    public function test_keystrokes_of_one_entry_are_one_step_of_undo(): void
    {
        $id = $this->orchard()['id'];
        $this->change($id, 1, ['/job/title' => 'O'], 'Job');
        $this->change($id, 2, ['/job/title' => 'Or'], 'Job');
        $this->travel(10)->seconds();
        $this->change($id, 3, ['/job/title' => 'Orchard'], 'Job');

        $this->postJson("/api/jobs/{$id}/undo", ['version' => 4])->assertJsonPath('file.job.title', 'Or');
        $this->postJson("/api/jobs/{$id}/undo", ['version' => 5])->assertJsonPath('file.job.title', 'Orchard sprayer, 12 V');
    }

    public function test_a_change_on_an_old_version_is_refused_and_overwrites_nothing(): void
    {
        $id = $this->orchard()['id'];
        $this->change($id, 1, ['/fans/0/runA' => 10], 'one window');

        $this->change($id, 1, ['/fans/0/runA' => 20], 'the other')->assertConflict()->assertJsonCount(1, 'problems');
        $this->getJson("/api/jobs/{$id}")->assertJsonPath('file.fans.0.runA', 10);
    }

    /** @param  array<string, mixed>  $body */
    #[TestWith([['changes' => ['/fans/0/runA' => -1]], '/fans/0/runA'])]
    #[TestWith([['changes' => ['/fans/0/colour' => 'red']], '/fans/0/colour'])]
    #[TestWith([['changes' => ['/fans/3/runA' => 5]], '/fans/3/runA'])]
    #[TestWith([['changes' => ['fans' => 5]], 'fans'])]
    #[TestWith([['typed' => ['/cooling/clearanceMm' => 'wide']], '/cooling/clearanceMm'])]
    #[TestWith([['typed' => ['/pinned/fan-1-wire' => '13ga']], '/pinned/fan-1-wire'])]
    #[TestWith([['changes' => 'all'], '/changes'])]
    #[TestWith([['changes' => ['/runs/a/b/c/d/e/f/g/h/i/j/k/l/m' => 1]], '/runs/a/b/c/d/e/f/g/h/i/j/k/l/m'])]
    public function test_a_change_that_makes_no_sense_is_refused_with_its_place(array $body, string $at): void
    {
        $id = $this->orchard()['id'];
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', ...$body])
            ->assertUnprocessable()->assertJsonPath('problems.0.at', $at);

        $this->getJson("/api/jobs/{$id}")->assertJsonPath('version', 1)->assertJsonPath('file.fans.0.runA', 15.5);
    }

    public function test_an_unusable_file_is_refused_whole(): void
    {
        $this->postText('/api/jobs/import', str_replace('"runA": 15.5', '"runA": "x"', (string) file_get_contents(Orchard::PATH)))
            ->assertUnprocessable()->assertJsonPath('problems.0.at', '/fans/0/runA');
        $this->postText('/api/jobs/import', str_repeat(' ', JobFile::MOST_BYTES + 1))->assertUnprocessable();
        $this->postText('/api/jobs/import', '{')->assertUnprocessable();

        self::assertSame(0, Job::count());
    }

    public function test_a_form_of_another_site_cannot_change_anything(): void
    {
        $this->post('/api/jobs', ['x' => 1])->assertUnprocessable();
        self::assertSame(0, Job::count());
    }

    public function test_what_is_removed_can_be_brought_back(): void
    {
        $id = $this->orchard()['id'];
        $this->deleteJson("/api/jobs/{$id}", ['version' => 7])->assertConflict();
        $this->deleteJson("/api/jobs/{$id}", ['version' => 1])->assertNoContent();
        $this->getJson("/api/jobs/{$id}")->assertNotFound()->assertJsonPath('problems.0.messages.message.code', 'request.not-found');
        $this->postJson("/api/jobs/{$id}/restore")->assertNoContent();
        $this->getJson('/api/jobs')->assertJsonCount(1, 'rows');
    }

    /** Jobs as an earlier program or a broken disk may leave them. */
    #[TestWith(['/pinned/fan-1-relay', 'own-relay-gone', '/pinned/fan-1-relay'])]
    #[TestWith(['/fans/0/colour', 'red', '/fans/0/colour'])]
    #[TestWith(['/supply', 7, '/supply'])]
    #[TestWith(['', null, '/format'])]
    public function test_a_job_that_no_longer_reads_is_a_row_that_says_so(string $pointer, mixed $value, string $at): void
    {
        $sound = $this->orchard()['id'];
        $broken = $this->orchard()['id'];
        $stored = $pointer === '' ? '{"format":' : (string) json_encode(JobDocument::of(Orchard::file())->with(Changes::of([$pointer => $value]))->file);
        DB::table('revisions')->where('job_id', $broken)->update(['file' => $stored]);
        Job::query()->update(['row_of' => null]);

        $list = $this->getJson('/api/jobs')->assertOk();
        $this->assertFits('job-list', (string) $list->getContent());
        $rows = array_column($list->json('rows'), null, 'id');
        self::assertSame([], $rows[$sound]['problems']);
        self::assertSame($at, $rows[$broken]['problems'][0]['at']);
        $this->getJson("/api/jobs/{$broken}")->assertUnprocessable()->assertJsonPath('problems.0.at', $at);
        $this->getJson('/api/shelf')->assertOk();

        $exported = (string) $this->get("/api/jobs/{$broken}/file")->assertOk()->getContent();
        self::assertSame($pointer === '', json_decode($exported) === null);
        $this->postText("/api/jobs/{$broken}/mend", (string) file_get_contents(Orchard::PATH))->assertConflict();
        $this->postText("/api/jobs/{$broken}/mend?version=1", (string) file_get_contents(Orchard::PATH))->assertOk();
        self::assertSame([], array_column($this->getJson('/api/jobs')->json('rows'), 'problems', 'id')[$broken]);
    }

    public function test_the_list_is_kept_and_follows_every_change(): void
    {
        $id = $this->orchard()['id'];
        $this->getJson('/api/jobs')->assertJsonPath('rows.0.dangers', 0)->assertJsonPath('rows.0.fans', 1);
        $this->change($id, 1, ['/job/title' => 'Renamed', '/fans/0/polarityReversed' => true], 'x');

        $this->getJson('/api/jobs')->assertJsonPath('rows.0.title', 'Renamed')->assertJsonPath('rows.0.dangers', 1);
        $this->postJson("/api/jobs/{$id}/undo", ['version' => 2]);
        $this->getJson('/api/jobs')->assertJsonPath('rows.0.title', 'Orchard sprayer, 12 V')->assertJsonPath('rows.0.dangers', 0);
    }

    public function test_exports_are_what_they_say(): void
    {
        $id = $this->orchard()['id'];
        $file = $this->get("/api/jobs/{$id}/file")->assertOk()->assertHeader(
            'content-disposition', 'attachment; filename="orchard-sprayer-12-v.lampthread.json"',
        );
        self::assertSame('Orchard sprayer, 12 V', json_decode((string) $file->getContent(), true)['job']['title']);
        $this->postText('/api/jobs/import', (string) $file->getContent())->assertCreated();
        $this->get("/api/jobs/{$id}/cut-list.csv")->assertOk()->assertSee('W1,S1 75,F1 1', false);
        $this->get("/api/jobs/{$id}/netlist.cir?key=run&coolantC=95")->assertOk()->assertSee('.end', false)->assertSee('Rfan_1_relay_contact', false);
        $this->getJson("/api/jobs/{$id}/netlist.cir?key=turned")->assertUnprocessable()->assertJsonPath('problems.0.at', 'key');
    }

    public function test_the_bench_refuses_what_the_circuit_does_not_listen_to(): void
    {
        $id = $this->orchard()['id'];
        $answer = $this->postJson("/api/jobs/{$id}/bench", ['set' => ['moon' => 'full', 'coolantC' => 900, 'override' => 'half']])->assertUnprocessable();

        self::assertSame(['moon', 'override', 'coolantC'], array_column($answer->json('problems'), 'at'));
    }

    public function test_the_bench_breaks_a_part_and_measures_between_two_leads(): void
    {
        $id = $this->orchard()['id'];
        $ask = fn (array $more): mixed => $this->postJson("/api/jobs/{$id}/bench", [
            'set' => ['key' => 'run', 'coolantC' => 95],
            ...$more,
        ])->assertOk()->json();

        self::assertTrue($ask([])['fans']['fan-1']['isTurning']);
        self::assertNull($ask([])['ohm']);
        self::assertFalse($ask(['faults' => ['W7' => 'open']])['fans']['fan-1']['isTurning']);
        self::assertEqualsWithDelta(13 / 46, $ask(['leads' => ['fan-1:+', 'fan-1:-']])['ohm'], 0.001);
    }

    public function test_the_bench_refuses_parts_and_leads_there_are_not(): void
    {
        $id = $this->orchard()['id'];
        $this->postJson("/api/jobs/{$id}/bench", ['faults' => ['moon' => 'open']])
            ->assertUnprocessable()
            ->assertJsonPath('problems.0.at', 'moon');
        $this->postJson("/api/jobs/{$id}/bench", ['leads' => ['fan-1:+', 'moon:1']])
            ->assertUnprocessable()
            ->assertJsonPath('problems.0.at', '/leads');
        $this->postJson("/api/jobs/{$id}/bench", ['set' => 'all'])->assertUnprocessable()->assertJsonPath('problems.0.at', '/set');
        $this->postJson("/api/jobs/{$id}/bench", ['moon' => 1])->assertUnprocessable()->assertJsonPath('problems.0.at', '/moon');
    }

    public function test_the_threads_go_out_as_a_standing_svg(): void
    {
        $id = $this->orchard()['id'];
        $svg = (string) $this->get("/api/jobs/{$id}/threads.svg")
            ->assertOk()
            ->assertHeader('content-type', 'image/svg+xml; charset=utf-8')
            ->getContent();

        self::assertNotFalse(simplexml_load_string($svg));
        self::assertStringContainsString('Orchard sprayer, 12 V', $svg);
        self::assertStringContainsString('3 mm²', $svg);
    }

    public function test_control_characters_in_a_title_leave_the_drawing_and_the_netlist_sound(): void
    {
        $id = $this->orchard()['id'];
        $this->change($id, 1, ['/job/title' => "A\u{1}\u{B}\u{FFFF}<b>\n.include /etc/passwd"], 'x')->assertOk();

        self::assertNotFalse(simplexml_load_string((string) $this->get("/api/jobs/{$id}/threads.svg")->assertOk()->getContent()));
        $netlist = (string) $this->get("/api/jobs/{$id}/netlist.cir?key=run&coolantC=95")->assertOk()->getContent();
        self::assertDoesNotMatchRegularExpression('/^\.include/m', $netlist);
    }

    public function test_choices_that_do_not_go_together_are_refused_and_nothing_is_lost(): void
    {
        $id = $this->orchard()['id'];
        $this->change($id, 1, ['/control/airConditioning' => ['compressor' => 'clutch', 'trigger' => 'diode']], 'x')
            ->assertUnprocessable()
            ->assertJsonPath('problems.0.at', '/control/airConditioning/trigger');

        $this->getJson("/api/jobs/{$id}")
            ->assertJsonPath('version', 1)
            ->assertJsonMissingPath('file.control.airConditioning');
    }

    public function test_the_page_is_served_at_every_view(): void
    {
        $this->withoutVite();
        $this->get('/')->assertOk();
        $this->get('/jobs/any/threads')->assertOk()->assertSee('Lamp Thread');
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function change(string $id, int $version, array $changes, string $label): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/jobs/{$id}/changes", ['version' => $version, 'label' => $label, 'changes' => $changes]);
    }
}
