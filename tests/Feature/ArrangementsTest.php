<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\Test;
use Tests\TestCase;

/** Usual arrangements: shown, begun with, and put into a job that is there. */
final class ArrangementsTest extends TestCase
{
    #[Test]
    public function each_is_shown_with_its_threads_and_can_be_begun_with(): void
    {
        $gallery = $this->getJson('/api/arrangements')->assertOk();
        $this->assertFits('arrangements', (string) $gallery->getContent());
        self::assertGreaterThanOrEqual(12, count($gallery->json()));
        foreach (array_column($gallery->json(), 'id') as $id) {
            $job = $this->postJson('/api/jobs', ['arrangement' => $id])->assertCreated();
            self::assertSame([], array_filter(array_column($job->json('design.findings'), 'severity'), static fn (string $severity): bool => $severity === 'danger'), $id);
        }
    }

    #[Test]
    public function another_arrangement_keeps_the_vehicle_and_is_undone_with_one_step(): void
    {
        $id = $this->postJson('/api/jobs', ['arrangement' => null])->json('id');
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => ['/job/vehicle' => 'Crane', '/fans/0/runA' => 14]])->assertOk();
        $this->postJson("/api/jobs/{$id}/arrangement", ['version' => 1, 'arrangement' => 'two-fans-stepless'])->assertConflict();
        $changed = $this->postJson("/api/jobs/{$id}/arrangement", ['version' => 2, 'arrangement' => 'two-fans-stepless'])->assertOk();
        self::assertSame('Crane', $changed->json('file.job.vehicle'));
        self::assertSame([14, 14], array_column($changed->json('file.fans'), 'runA'));
        $this->postJson("/api/jobs/{$id}/undo", ['version' => 3])->assertOk()->assertJsonCount(1, 'file.fans');
    }

    #[Test]
    public function one_there_is_not_is_refused_by_name(): void
    {
        $this->postJson('/api/jobs', ['arrangement' => 'perpetual'])->assertUnprocessable()->assertJsonPath('problems.0.at', '/arrangement');
        $this->postJson('/api/jobs', ['arrangement' => ['x']])->assertUnprocessable();
    }
}
