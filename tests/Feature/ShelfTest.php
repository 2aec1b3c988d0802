<?php

declare(strict_types=1);

namespace Tests\Feature;

use LampThread\Exchange\OwnPartsCsv;
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
            '/api/shelf/parts/own-fuse-bay-fuse', ['name' => 'Renamed', 'typed' => [...self::FUSE, 'ratedA' => '3'], 'isArchived' => true],
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

    private function add(string $name): void
    {
        $this->postJson('/api/shelf/parts', ['kind' => 'fuse', 'name' => $name, 'typed' => self::FUSE])->assertOk();
        $this->startAnew();
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function csv(string $csv): \Illuminate\Testing\TestResponse
    {
        return $this->call('POST', '/api/shelf/import', server: ['CONTENT_TYPE' => 'text/csv'], content: $csv);
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
