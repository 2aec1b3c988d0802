<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A vehicle that already switches its fan, told step by step as it is met. */
final class FoundVehicleTest extends TestCase
{
    private string $id;

    private int $version = 1;

    protected function setUp(): void
    {
        parent::setUp();
        $this->id = $this->postJson('/api/jobs', ['arrangement' => 'original-earlier-switch'])->assertCreated()->json('id');
    }

    public function test_what_nobody_has_looked_at_is_a_note_until_it_is_told_and_then_judged(): void
    {
        self::assertSame(['note'], $this->severities('found-assumed'));
        $this->typed([
            '/found/parts/fan-1-fuse/ratedA' => '30A', '/found/parts/fan-1-wire/areaMm2' => '1.5 mm²', '/found/parts/fan-1-relay/ratedA' => '20 A',
            '/found/parts/coil-fuse/ratedA' => '10A', '/found/parts/trigger-wire/areaMm2' => '1 mm²',
        ]);
        self::assertSame([], $this->severities('found-assumed'));
        self::assertSame(['danger'], $this->severities('fuse-over-wire'));
        $this->typed(['/found/parts/fan-1-wire/areaMm2' => '10 mm²']);
        self::assertSame(['warning'], $this->severities('relay-below-fuse'));
        $this->typed(['/found/parts/fan-1-fuse/ratedA' => '15A', '/found/parts/fan-1-wire/areaMm2' => '4 mm²']);
        self::assertSame([], [...$this->severities('fuse-over-wire'), ...$this->severities('relay-below-fuse')]);
    }

    public function test_a_second_switch_that_contradicts_is_refused_at_its_place_and_nothing_is_saved(): void
    {
        $overrides = [['kind' => 'force-on', 'indicator' => true], ['kind' => 'three-position', 'indicator' => false]];
        $this->change(['/control/overrides' => $overrides])->assertUnprocessable()->assertJsonPath('problems.0.at', '/control/overrides/1/kind');
        self::assertCount(1, $this->job()->json('file.control.overrides'));
        $this->change(['/control/overrides' => [$overrides[0], ['kind' => 'cut-out', 'indicator' => false]]])->assertOk();
        $table = $this->job()->json('design.overrideTable');
        self::assertCount(4, $table['rows']);
        $this->assertFits('saved-job', (string) $this->job()->getContent());
    }

    public function test_the_relay_is_replaced_on_the_vehicles_wires_and_nothing_of_those_is_cut(): void
    {
        $this->change(['/renewed' => ['fan-1-relay']])->assertOk();
        $design = $this->job()->json('design');
        $there = array_filter($design['wires'], static fn (array $wire): bool => $wire['isThere']);
        self::assertNotSame([], $there);
        $cut = array_diff(array_column($design['wires'], 'group'), array_column($there, 'group'));
        self::assertNotContains('fan-1-wire', $cut);
        self::assertContains('fan-1-relay', array_column($design['choices'], 'id'));
        self::assertStringContainsString('Relay, radiator: take it out', (string) json_encode($design['steps'], JSON_UNESCAPED_UNICODE));
    }

    public function test_a_set_point_off_its_scale_names_the_nearest_that_works(): void
    {
        $thermostat = ['kind' => 'thermostat', 'output' => 'capillary', 'onC' => 92, 'offC' => 87, 'place' => 'core-inlet', 'leastC' => 75, 'mostC' => 95];
        $this->change(['/control/stages/0/decider' => $thermostat])->assertOk();
        $refused = $this->send(['typed' => ['/control/stages/0/decider/onC' => '210F']])->assertUnprocessable();
        self::assertStringContainsString('95 °C', $refused->json('problems.0.message'));
        self::assertSame(92, $this->job()->json('file.control.stages.0.decider.onC'));
    }

    /** At its address with `.found` a job is the vehicle as it was found: what is changed there is changed of that, and nothing of what it becomes. */
    public function test_a_job_is_looked_at_and_changed_as_it_was_found(): void
    {
        $leaves = $this->job()->json('file.control.overrides');
        $found = $this->getJson("/api/jobs/{$this->id}.found")->assertOk();
        $this->assertFits('saved-job', (string) $found->getContent());
        self::assertSame(['found', "{$this->id}.found", []], [$found->json('state'), $found->json('id'), $found->json('file.control.overrides')]);
        self::assertNotContains('override', array_column($found->json('design.components'), 'id'));
        self::assertContains('override', $found->json('altered.comes'));
        self::assertSame([], $found->json('resized'), 'sizes are kept of what it leaves with');

        $plain = $this->id;
        $this->id = "{$plain}.found";
        $this->send(['typed' => ['/fans/0/runA' => '11 A']])->assertOk()->assertJsonPath('file.fans.0.runA', 11);
        $refused = $this->send(['changes' => ['/control/stages/0/decider/offC' => 99]])->assertUnprocessable();
        self::assertSame('/control/stages/0/decider/offC', $refused->json('problems.0.at'), 'told where it was asked');
        $this->send(['picks' => ['addWrong/fan-1/faults/jammed']])->assertUnprocessable();
        $this->send(['picks' => ['/addWrong/fan-1/faults/jammed']])->assertOk()->assertJsonPath('form.wrong.0.kind', 'jammed');
        self::assertNotContains('override', array_column($this->getJson("/api/jobs/{$this->id}/proof")->assertOk()->json('faults'), 'part'));
        $pairs = $this->postText("/api/jobs/{$this->id}/tasks/pairs", '{}')->assertOk();
        self::assertNotSame([], $pairs->json('rows'));
        self::assertStringNotContainsString('demand.override', (string) json_encode($pairs->json('rows')));
        $this->getJson("/api/jobs/{$this->id}/tasks/pairs")->assertOk()->assertJsonPath('id', $pairs->json('id'));
        $ofLeaves = $this->getJson("/api/jobs/{$plain}/tasks/pairs")->assertOk();
        self::assertSame('null', $ofLeaves->getContent(), 'of the vehicle as it leaves nobody has asked');
        self::assertStringContainsString('demand.override', (string) json_encode($this->postText("/api/jobs/{$plain}/tasks/pairs", '{}')->assertOk()->json('rows')));
        $this->id = $plain;

        $after = $this->job();
        self::assertSame([$leaves, 11, 12.0], [$after->json('file.control.overrides'), $after->json('file.found.fans.0.runA'), (float) $after->json('file.fans.0.runA')]);
        self::assertSame([], $this->severities('found-faulty'), 'a fan of another current is another fan, and comes');
        $this->postJson("/api/jobs/{$this->id}/undo", ['version' => $this->version])->assertOk()->assertJsonPath('file.found.wrong', []);
    }

    /** What was tested on the vehicle as it was found says nothing of the one that leaves; and it is still known once the file was opened again. */
    public function test_a_fault_is_looked_for_in_one_of_the_two(): void
    {
        $kept = json_decode($this->getJson("/api/jobs/{$this->id}/file")->assertOk()->content(), true);
        $looks = ['step' => 'seen', 'text' => 'never-runs', 'by' => 'MK', 'at' => '2026-11-30T09:00:00Z', 'kind' => 'trail'];
        $this->postJson("/api/jobs/{$this->id}.found/records", ['records' => [['id' => 'found-0001', ...$looks]]])->assertOk()->assertJsonPath('results.0.problems', []);
        $looking = fn (string $id): mixed => $this->getJson("/api/jobs/{$id}/trail")->assertOk()->json('trail.seen.0.id');
        self::assertSame(['never-runs', null], [$looking("{$this->id}.found"), $looking($this->id)]);

        $file = $this->getJson("/api/jobs/{$this->id}/file")->assertOk()->content();
        self::assertCount(count($kept['record'] ?? []) + 1, json_decode($file, true)['record']);
        $copy = $this->postText('/api/jobs/import', $file)->assertCreated()->json('id');
        self::assertSame(['never-runs', null], [$looking("{$copy}.found"), $looking($copy)]);
        $this->postJson("/api/jobs/{$copy}/records", ['records' => [['id' => 'leaves-001', ...$looks, 'text' => 'runs-weakly']]])->assertOk();
        self::assertSame(['never-runs', 'runs-weakly'], [$looking("{$copy}.found"), $looking($copy)]);
        $found = ['id' => 'found-0002', ...$looks, 'kind' => 'fault', 'step' => '', 'text' => 'F1 was blown', 'typed' => 'fuse'];
        $this->postJson("/api/jobs/{$copy}.found/records", ['records' => [$found]])->assertOk();
        self::assertSame([null, 'runs-weakly'], [$looking("{$copy}.found"), $looking($copy)]);
        $this->getJson("/api/jobs/{$copy}/trail")->assertJsonPath('history.0.what', 'F1 was blown');
    }

    /** The proof as found says what it does now, with all that is wrong at once, and what it would do were that mended. */
    public function test_the_vehicle_as_it_is_now_is_proven_with_what_is_wrong_with_it(): void
    {
        $this->getJson("/api/jobs/{$this->id}.found/proof")->assertOk()->assertJsonPath('present', null);
        $this->change(['/found/wrong' => [['part' => 'fan-1-relay', 'fault' => 'stuck-on'], ['part' => 'fan-1-relay:87>fan-1:+', 'fault' => 'open']]])->assertOk();
        $answer = $this->getJson("/api/jobs/{$this->id}.found/proof")->assertOk();
        $this->assertFits('proof', (string) $answer->getContent());
        $fails = static fn (array $behaviours): array => array_column(array_filter(
            $behaviours, static fn (array $one): bool => array_filter($one['cells'], static fn (array $cell): bool => $cell['held'] < $cell['asked']) !== [],
        ), 'id');
        self::assertContains('runs-when-hot', $fails($answer->json('present.behaviours')));
        self::assertNotContains('rests', $fails($answer->json('present.behaviours')), 'the welded relay lies before the broken wire');
        self::assertNotContains('runs-when-hot', $fails($answer->json('behaviours')));
        self::assertEqualsCanonicalizing(['stuck-on', 'open'], array_column($answer->json('present.faults'), 'kind'));
        self::assertEqualsCanonicalizing(['stranded', 'drains'], array_column($answer->json('present.faults'), 'harm'));
        $this->getJson("/api/jobs/{$this->id}/proof")->assertOk()->assertJsonPath('present', null);

        $this->change(['/found/wrong' => [['part' => 'fan-1-relay', 'fault' => 'stuck-on']]])->assertOk();
        self::assertContains('rests', $fails($this->getJson("/api/jobs/{$this->id}.found/proof")->assertOk()->json('present.behaviours')));
    }

    /** What is told to be wrong is where the search begins: where it explains what is seen it is that; where it does not, it is not. */
    public function test_what_is_told_to_be_wrong_is_suspected_first(): void
    {
        $this->change(['/found/wrong' => [['part' => 'fan-1-relay', 'fault' => 'stuck-off']]])->assertOk();
        $seen = function (string $symptom, string $id): array {
            $looks = ['step' => 'seen', 'text' => $symptom, 'by' => 'MK', 'at' => '2026-11-30T09:00:00Z', 'kind' => 'trail'];
            $this->postJson("/api/jobs/{$id}/records", ['records' => [['id' => 'seen-'.md5($id), ...$looks]]])->assertOk()->assertJsonPath('results.0.problems', []);

            return $this->getJson("/api/jobs/{$id}/trail")->assertOk()->json('trail.places.0');
        };
        $told = $seen('never-runs', "{$this->id}.found");
        $this->change(['/found/wrong' => [['part' => 'fan-1-relay:87>fan-1:+', 'fault' => 'open']]])->assertOk();
        $ofWire = $this->getJson("/api/jobs/{$this->id}.found/trail")->assertOk()->json('trail.places.0');
        self::assertStringContainsString('W4, K1 87 to M1', $ofWire['says']);
        self::assertGreaterThan(0.8, $ofWire['share'], 'a wire is told by its ends');
        $untold = $seen('never-runs', $this->id);

        self::assertStringContainsString('Relay', $told['says']);
        self::assertGreaterThan(0.8, $told['share']);
        self::assertLessThan(0.5, $untold['share'], 'of the vehicle as it leaves nothing is told');
    }

    public function test_where_nothing_was_found_there_is_no_such_address(): void
    {
        $id = $this->postJson('/api/jobs', ['arrangement' => null])->assertCreated()->json('id');

        $this->getJson("/api/jobs/{$id}.found")->assertUnprocessable()->assertJsonPath('problems.0.at', '/found');
        $this->getJson("/api/jobs/{$id}")->assertOk()->assertJsonPath('altered', null)->assertJsonPath('state', 'leaves');
    }

    /** @return list<string> of the findings with a code */
    private function severities(string $code): array
    {
        $findings = array_filter($this->job()->json('design.findings'), static fn (array $finding): bool => $finding['code'] === $code);

        return array_values(array_column($findings, 'severity'));
    }

    /** @return TestResponse<Response> */
    private function job(): TestResponse
    {
        return $this->getJson("/api/jobs/{$this->id}")->assertOk();
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return TestResponse<Response>
     */
    private function change(array $changes): TestResponse
    {
        return $this->send(['changes' => $changes]);
    }

    /** @param  array<string, string>  $typed */
    private function typed(array $typed): void
    {
        $this->send(['typed' => $typed])->assertOk();
    }

    /**
     * @param  array<string, mixed>  $change
     * @return TestResponse<Response>
     */
    private function send(array $change): TestResponse
    {
        $answer = $this->postJson("/api/jobs/{$this->id}/changes", ['version' => $this->version, 'label' => 'x', ...$change]);
        $this->version = $answer->status() === 200 ? $answer->json('version') : $this->version;

        return $answer;
    }
}
