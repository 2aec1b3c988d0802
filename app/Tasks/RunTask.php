<?php

declare(strict_types=1);

namespace App\Tasks;

use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Does a task in a worker, row by row, and stops where it was asked to. */
final class RunTask implements ShouldQueue
{
    use Queueable;

    public int $timeout = 600;

    public int $tries = 1;

    public function __construct(private readonly string $taskId) {}

    public function handle(Container $container): void
    {
        $task = Task::query()->find($this->taskId);
        if ($task === null || ! $task->moveTo(TaskState::Running, TaskState::Waiting)) {
            return;
        }
        // The job has moved on: nobody waits for this any more.
        if ($task->job->version !== $task->version) {
            $task->moveTo(TaskState::Stopped, TaskState::Running);

            return;
        }
        $task->job->state = $task->vehicle;
        [$of, $rows] = $container->make($task->kind->work())->rows($task->job, (object) json_decode($task->question));
        $task->forceFill(['of' => $of])->save();
        foreach ($rows as $row) {
            if (Task::query()->whereKey($task->id)->value('state') !== TaskState::Running) {
                return;
            }
            $task->add($row);
        }
        $task->moveTo(TaskState::Done, TaskState::Running);
    }

    public function failed(?Throwable $fault): void
    {
        Task::query()->find($this->taskId)?->moveTo(TaskState::Failed, TaskState::Running, TaskState::Waiting);
    }
}
