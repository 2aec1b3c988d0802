<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Tasks\RunTask;
use App\Tasks\Task;
use App\Tasks\TaskState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

/** Long work: rows from a worker, found again, stopped, and never left hanging. */
final class TasksTest extends TestCase
{
    public function test_pairs_of_faults_come_row_by_row_and_are_found_again(): void
    {
        $id = $this->orchard()['id'];
        $this->getJson("/api/jobs/{$id}/tasks/pairs")->assertOk()->assertContent('null');
        $this->postText("/api/jobs/{$id}/tasks/pairs", '{}')->assertOk();
        $task = $this->getJson("/api/jobs/{$id}/tasks/pairs")->assertOk()->assertJsonPath('state', 'done');
        $this->assertFits('task', (string) $task->getContent());

        self::assertGreaterThan(0, $task->json('of'));
        self::assertCount($task->json('of'), $task->json('rows'));
        self::assertNotEmpty(array_merge(...array_column($task->json('rows'), 'seconds')));
        foreach (json_decode((string) $task->getContent())->rows as $row) {
            $this->assertFits('proof-pairs', (string) json_encode($row));
        }
        $this->postJson("/api/jobs/{$id}/changes", ['version' => 1, 'label' => 'x', 'changes' => ['/fans/0/runA' => 9]])->assertOk();
        $this->getJson("/api/jobs/{$id}/tasks/pairs")->assertContent('null');
    }

    public function test_a_sweep_has_a_row_for_each_gap_and_is_checked_before_it_waits(): void
    {
        $id = $this->orchard()['id'];
        $task = $this->postJson("/api/jobs/{$id}/tasks/sweep", ['drive' => '3-queue', 'gapsK' => [4, 8]])->assertOk()->assertJsonPath('state', 'done');
        self::assertEquals([4, 8], array_column($task->json('rows'), 'gapK'));
        foreach ($task->json('rows') as $row) {
            $this->assertFits('sweep', (string) json_encode($row));
            self::assertCount(20, $row['cells']);
        }
        $this->postJson("/api/jobs/{$id}/tasks/sweep", ['gapsK' => [99]])->assertUnprocessable()->assertJsonPath('problems.0.at', '/gapsK/0');
        $this->postJson("/api/jobs/{$id}/tasks/sweep", ['drive' => 'moon'])->assertUnprocessable()->assertJsonPath('problems.0.at', '/drive');
        $this->postJson("/api/jobs/{$id}/tasks/dance")->assertNotFound();
        self::assertSame(1, Task::query()->count());
    }

    public function test_work_is_asked_for_once_however_often_the_button_is_pressed_and_stops_where_it_is(): void
    {
        Queue::fake();
        $id = $this->orchard()['id'];
        $task = $this->postText("/api/jobs/{$id}/tasks/pairs", '{}')->assertJsonPath('state', 'waiting')->json('id');
        $this->postText("/api/jobs/{$id}/tasks/pairs", '{}')->assertJsonPath('id', $task);
        Queue::assertPushed(RunTask::class, 1);
        $this->deleteJson("/api/tasks/{$task}")->assertJsonPath('state', 'stopped');
        app()->call([new RunTask($task), 'handle']);
        self::assertSame(0, DB::table('task_rows')->count(), 'what was stopped before it began does not begin');
        $this->postText("/api/jobs/{$id}/tasks/pairs", '{}')->assertJsonPath('state', 'waiting');
    }

    public function test_work_whose_worker_has_died_is_said_to_have_failed_and_can_be_begun_again(): void
    {
        Queue::fake();
        $id = $this->orchard()['id'];
        $task = $this->postText("/api/jobs/{$id}/tasks/pairs", '{}')->json('id');
        Task::query()->whereKey($task)->update(['state' => TaskState::Running->value]);
        $this->getJson("/api/tasks/{$task}")->assertJsonPath('state', 'running');
        $this->travel(2)->minutes();
        $this->getJson("/api/tasks/{$task}")->assertJsonPath('state', 'failed');
        self::assertNotSame($task, $this->postText("/api/jobs/{$id}/tasks/pairs", '{}')->json('id'));
    }
}
