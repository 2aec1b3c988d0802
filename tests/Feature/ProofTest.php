<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

final class ProofTest extends TestCase
{
    public function test_a_job_is_proven_as_it_stands(): void
    {
        $id = $this->orchard()['id'];
        $proof = $this->getJson("/api/jobs/{$id}/proof")->assertOk();
        $this->assertFits('proof', (string) $proof->getContent());
        self::assertSame([], array_keys(array_column($proof->json('findings'), 'severity'), 'danger', true));

        $this->postJson("/api/jobs/{$id}/changes", [
            'version' => 1, 'label' => 'No earth', 'changes' => ['/control/stages/0/decider/earthLead' => false],
        ])->assertOk();
        $broken = $this->getJson("/api/jobs/{$id}/proof")->assertOk()->json('findings.0');
        self::assertSame(['hose-adapter-no-earth', '/control/stages/0/decider/earthLead'], [$broken['code'], $broken['briefPath']]);
        self::assertSame('Add an earth lead to the adapter', $broken['remedies'][0]['label']);
    }

    public function test_versions_are_listed_and_compared(): void
    {
        $id = $this->orchard()['id'];
        $this->postJson("/api/jobs/{$id}/changes", [
            'version' => 1, 'label' => 'Straight from the battery', 'changes' => ['/control/coilFeed' => 'battery'],
        ])->assertOk();
        $revisions = $this->getJson("/api/jobs/{$id}/revisions")->assertOk();
        $this->assertFits('revisions', (string) $revisions->getContent());
        self::assertSame([2, 1], array_column($revisions->json(), 'number'));

        $comparison = $this->getJson("/api/jobs/{$id}/proof/compare/1")->assertOk();
        $this->assertFits('comparison', (string) $comparison->getContent());
        self::assertContains('The fan can run with the key out', array_column($comparison->json('worse'), 'what'));
        $this->getJson("/api/jobs/{$id}/proof/compare/9")->assertNotFound();
    }

    public function test_a_proof_is_taken_anew_when_a_part_it_stands_on_changes(): void
    {
        $fuse = ['price' => '1', 'family' => 'blade', 'ratedA' => '40', 'coldMilliohm' => '1.4'];
        $this->postJson('/api/shelf/parts', ['kind' => 'fuse', 'name' => 'Bay fuse', 'typed' => $fuse])->assertOk();
        $this->startAnew();
        $id = $this->orchard()['id'];
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'Fuse', 'changes' => ['/pinned/fan-1-fuse' => 'own-fuse-bay-fuse']])->assertOk();
        $codes = fn (): array => array_column($this->getJson("/api/jobs/{$id}/proof")->assertOk()->json('findings'), 'code');
        $before = $codes();

        $this->postJson('/api/shelf/parts/own-fuse-bay-fuse', ['name' => 'Bay fuse', 'typed' => [...$fuse, 'ratedA' => '3'], 'version' => 1])->assertOk();
        $this->startAnew();
        self::assertContains('fuse-over-load', $codes());
        self::assertNotContains('fuse-over-load', $before);
    }

    public function test_every_version_that_was_is_compared_with_what_is(): void
    {
        $id = $this->orchard()['id'];
        foreach (['/control/stages/0/side' => 'supply', '/control/coilFeed' => 'accessory'] as $place => $value) {
            $version = $this->getJson("/api/jobs/{$id}")->json('version');
            $this->postJson("/api/jobs/{$id}/changes", ['version' => $version, 'label' => $place, 'changes' => [$place => $value]])->assertOk();
        }
        foreach ($this->getJson("/api/jobs/{$id}/revisions")->assertOk()->json() as $revision) {
            $comparison = $this->getJson("/api/jobs/{$id}/proof/compare/{$revision['number']}")->assertOk();
            $this->assertFits('comparison', (string) $comparison->getContent());
        }
    }

    public function test_the_list_says_what_the_proof_says_once_there_is_one(): void
    {
        $id = $this->orchard()['id'];
        $row = fn (): array => $this->getJson('/api/jobs')->assertOk()->json('rows.0');
        self::assertFalse($row()['isProven']);
        $this->change($id, 1, ['/control/coilFeed' => 'ignition', '/fans/0/polarityReversed' => true]);
        $severities = array_count_values(array_column($this->getJson("/api/jobs/{$id}/proof")->assertOk()->json('findings'), 'severity'));

        self::assertTrue($row()['isProven']);
        self::assertSame([$severities['danger'], $severities['warning']], [$row()['dangers'], $row()['warnings']]);
        $this->change($id, 2, ['/control/coilFeed' => 'accessory']);
        self::assertFalse($row()['isProven'], 'a new version has to be proven anew');
    }

    public function test_a_finding_is_accepted_with_a_reason_and_that_can_be_taken_back(): void
    {
        $id = $this->orchard()['id'];
        $this->change($id, 1, ['/fans/0/polarityReversed' => true]);
        $finding = $this->getJson("/api/jobs/{$id}/proof")->json('findings.0');
        $path = '/accepted/'.str_replace('/', '~1', $finding['key']);
        $accepted = ['reason' => 'A pusher on trial.', 'by' => 'R. Holt', 'on' => '2026-11-25'];
        $this->change($id, 2, [$path => [...$accepted, 'on' => 'today']])->assertUnprocessable()
            ->assertJsonPath('problems.0.message', 'must be a day, as 2026-11-25, not ‘today’.');
        $this->change($id, 2, [$path => $accepted])->assertOk();
        $findings = $this->getJson("/api/jobs/{$id}/proof")->json('findings');
        self::assertSame($accepted, $findings[count($findings) - 1]['accepted']);
        self::assertSame([0, 1], [$this->getJson('/api/jobs')->json('rows.0.dangers'), $this->getJson('/api/jobs')->json('rows.0.accepted')]);

        $this->change($id, 3, [$path => null])->assertOk();
        self::assertNull($this->getJson("/api/jobs/{$id}/proof")->json('findings.0.accepted'));
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function change(string $id, int $version, array $changes): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/jobs/{$id}/changes", ['version' => $version, 'label' => 'Test', 'changes' => $changes]);
    }

    public function test_what_does_not_exist_is_not_proven(): void
    {
        $this->getJson('/api/jobs/nothing/proof')->assertNotFound();
    }
}
