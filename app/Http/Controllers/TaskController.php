<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Design\Designs;
use App\Design\Uncomputable;
use App\Http\Middleware\May;
use App\Http\Requests\Body;
use App\Models\Job;
use App\People\Visitor;
use App\Tasks\Task;
use App\Tasks\TaskKind;
use App\Tasks\Tasks;
use App\Tasks\TaskState;
use Illuminate\Contracts\Container\Container;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RuntimeException;

/** Long work: begun, looked at, stopped. */
final readonly class TaskController
{
    public function __construct(private Designs $designs, private Body $body, private Tasks $tasks) {}

    public function begin(Request $request, Job $job, string $kind, Container $container): JsonResponse
    {
        $kind = TaskKind::from($kind);
        $question = $this->body->of($request, $kind->question());
        $container->make($kind->work())->check($question);
        $this->designs->as($job->state, $job->file());

        return $this->show($this->tasks->begin($job, $kind, $question)->id);
    }

    /** The last that was asked of the job as it stands: a page that is opened again finds it. */
    public function latest(Job $job, string $kind): JsonResponse
    {
        $task = $this->tasks->latest($job, TaskKind::from($kind));

        return new JsonResponse($task === null ? 'null' : $task->answer(), json: true);
    }

    public function show(string $task): JsonResponse
    {
        return new JsonResponse(Task::query()->findOrFail($task)->answer(), json: true);
    }

    public function stop(Request $request, string $task, Visitor $visitor): JsonResponse
    {
        $meant = Task::query()->findOrFail($task);
        if (! $this->tasks->mayStop($meant)) {
            throw May::refusal($visitor, $request);
        }
        $meant->moveTo(TaskState::Stopped, TaskState::Waiting, TaskState::Running);

        return $this->show($task);
    }

    /** What is not there yet: the same is asked for again until it is. */
    public static function pending(Task $task): JsonResponse
    {
        return $task->state === TaskState::Failed
            ? throw new Uncomputable(new RuntimeException("Task {$task->id} has failed."))
            : new JsonResponse($task->answer(), 202, json: true);
    }
}
