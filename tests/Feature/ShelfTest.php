<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use LampThread\Exchange\OwnPartsCsv;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class ShelfTest extends TestCase
{
    private const FUSE = ['price' => '1', 'family' => 'blade', 'ratedA' => '27 A', 'coldMilliohm' => '2.1'];

    public function test_the_shelf_fits_its_schema_with_parts_of_ones_own(): void
    {
        $this->add('Bay fuse');
        $answer = $this->getJson('/api/shelf')->assertOk();
        $this->assertFits('shelf', (string) $answer->getContent());

        self::assertSame(27, $this->own($answer->json())['values']['ratedA'] ?? null);
        self::assertCount(8, $answer->json('tables'));
    }

    public function test_a_part_in_use_is_changed_and_archived_but_never_lost(): void
    {
        $this->add('Bay fuse');
        $id = $this->orchard()['id'];
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'Fuse', 'changes' => ['/pinned/fan-1-fuse' => 'own-fuse-bay-fuse']])->assertOk();
        self::assertSame(['Orchard sprayer, 12 V'], $this->own($this->getJson('/api/shelf')->json())['usedBy'] ?? null);

        $this->postJson(
            '/api/shelf/parts/own-fuse-bay-fuse', ['name' => 'Renamed', 'typed' => [...self::FUSE, 'ratedA' => '3'], 'isArchived' => true, 'version' => 1],
        )->assertOk();
        $this->startAnew();
        $job = $this->getJson("/api/jobs/{$id}")->assertOk()->json();
        $choice = array_column($job['design']['choices'], null, 'id')['fan-1-fuse'];
        self::assertSame(['Renamed', false], [$choice['label'], $choice['fits']]);
        self::assertNotContains('own-fuse-bay-fuse', array_column($choice['candidates'], 'part'));
    }

    public function test_a_part_that_cannot_be_is_refused_at_its_rating_and_not_kept(): void
    {
        $this->postJson('/api/shelf/parts', ['kind' => 'fuse', 'name' => 'X', 'typed' => [...self::FUSE, 'ratedA' => '0']])
            ->assertUnprocessable()->assertJsonPath('problems.0.at', '/ratedA');
        $this->postJson('/api/shelf/parts', ['kind' => 'magic', 'name' => 'X'])->assertUnprocessable()->assertJsonPath('problems.0.at', '/kind');
        $this->postJson('/api/shelf/parts', ['kind' => 'fuse', 'name' => 'X', 'typed' => ['ratedA' => 3]])->assertUnprocessable();
        $this->postJson('/api/shelf/parts/own-nothing', ['name' => 'X', 'typed' => self::FUSE])->assertNotFound();
        self::assertNull($this->own($this->getJson('/api/shelf')->json()));
    }

    public function test_a_parts_file_is_taken_whole_or_not_at_all(): void
    {
        $head = 'kind,name,price,family,rated_a,cold_milliohm';
        $good = "{$head}\nfuse,Bay fuse,1,blade,27,2\nfuse,Other,1,blade,3,20\n";
        $this->csv("{$good}fuse,Third,1,blade,-1,2\n")->assertUnprocessable()->assertJsonPath('problems.0.at', 'line 4, rated_a');
        self::assertNull($this->own($this->getJson('/api/shelf')->json()));

        $this->csv($good)->assertOk();
        $this->startAnew();
        $exported = (string) $this->get('/api/shelf/own-parts.csv')->assertOk()->getContent();
        self::assertSame(implode(',', array_keys(OwnPartsCsv::columns())), strtok($exported, "\r\n"));
        self::assertStringContainsString('fuse,Other,no,1,blade,3,20', $exported);
    }

    public function test_a_stale_edit_is_refused_and_only_what_no_job_has_is_removed(): void
    {
        $this->add('Bay fuse');
        $id = $this->orchard()['id'];
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => ['/pinned/fan-1-fuse' => 'own-fuse-bay-fuse']])->assertOk();
        $part = '/api/shelf/parts/own-fuse-bay-fuse';
        $this->postJson($part, ['name' => 'One', 'typed' => self::FUSE, 'version' => 1])->assertOk();
        $this->postJson($part, ['name' => 'Two', 'typed' => self::FUSE, 'version' => 1])->assertConflict();
        $this->postJson($part, ['name' => 'Two', 'typed' => self::FUSE])->assertConflict();
        self::assertSame(['One', 2], [$this->own($this->getJson('/api/shelf')->json())['name'] ?? '', $this->own($this->getJson('/api/shelf')->json())['version'] ?? 0]);

        $this->deleteJson($part, ['version' => 2])->assertUnprocessable()->assertJsonPath('problems.0.messages.message.code', 'input.part.in-use');
        $this->startAnew();
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 2, 'label' => 'x', 'changes' => ['/pinned/fan-1-fuse' => null]])->assertOk();
        $this->deleteJson($part, ['version' => 1])->assertConflict();
        $this->deleteJson($part, ['version' => 2])->assertOk();
        self::assertNull($this->own($this->getJson('/api/shelf')->json()));
    }

    /** @param  array<string, string>  $broken */
    #[TestWith([['kind' => 'spell']])]
    #[TestWith([['values' => '{"ratedA":']])]
    #[TestWith([['values' => '7']])]
    #[TestWith([['values' => '{"ratedA":[1]}']])]
    #[TestWith([['values' => '{"ratedA":-1}']])]
    public function test_an_own_part_that_no_longer_reads_is_said_and_can_be_removed(array $broken): void
    {
        $this->add('Bay fuse');
        DB::table('parts')->update($broken);
        $shelf = $this->getJson('/api/shelf')->assertOk()->assertJsonPath('unreadable.0.name', 'Bay fuse');
        $this->assertFits('shelf', (string) $shelf->getContent());
        $this->getJson('/api/jobs')->assertOk();
        $this->deleteJson('/api/shelf/parts/own-fuse-bay-fuse', ['version' => 1])->assertOk()->assertJsonPath('unreadable', []);
    }

    public function test_a_job_file_brings_the_own_parts_it_uses(): void
    {
        $this->add('Bay fuse');
        $id = $this->orchard()['id'];
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => ['/pinned/fan-1-fuse' => 'own-fuse-bay-fuse']])->assertOk();
        $file = (string) $this->get("/api/jobs/{$id}/file")->assertOk()->getContent();
        DB::table('parts')->delete();
        $this->startAnew();

        $brought = $this->postText('/api/jobs/import', $file)->assertCreated();
        self::assertSame('Bay fuse', array_column($brought->json('design.choices'), 'label', 'id')['fan-1-fuse']);
        self::assertArrayNotHasKey('ownParts', $brought->json('file'));
        $this->startAnew();
        $this->postText('/api/jobs/import', str_replace('"ratedA": 27', '"ratedA": 28', $file))
            ->assertUnprocessable()->assertJsonPath('problems.0.at', '/ownParts/0');
        DB::table('parts')->delete();
        $this->startAnew();
        $this->postText('/api/jobs/import', str_replace('"runA": 15.5', '"runA": "x"', $file))->assertUnprocessable();
        self::assertSame(0, DB::table('parts')->count(), 'all of it, or nothing');
    }

    private function add(string $name): void
    {
        $this->postJson('/api/shelf/parts', ['kind' => 'fuse', 'name' => $name, 'typed' => self::FUSE])->assertOk();
        $this->startAnew();
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function csv(string $csv): \Illuminate\Testing\TestResponse
    {
        return $this->postCsv('/api/shelf/import', $csv);
    }

    /**
     * @param  array<string, mixed>  $shelf
     * @return array<string, mixed>|null the first part of the workshop's own
     */
    private function own(array $shelf): ?array
    {
        return array_values(array_filter($shelf['parts'], static fn (array $part): bool => $part['isOwn']))[0] ?? null;
    }
}
