<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Design\Designs;
use App\Http\Requests\Body;
use App\Models\Job;
use App\Tasks\RunTask;
use App\Tasks\Task;
use App\Tasks\TaskKind;
use App\Tasks\TaskState;
use Illuminate\Contracts\Container\Container;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Long work: begun, looked at, stopped. */
final readonly class TaskController
{
    public function __construct(private Designs $designs, private Body $body) {}

    public function begin(Request $request, Job $job, string $kind, Container $container): JsonResponse
    {
        $kind = TaskKind::from($kind);
        $question = $this->body->of($request, $kind->question());
        $container->make($kind->work())->check($question);
        $this->designs->of($job->file());
        $text = (string) json_encode($question);
        $task = Task::latest($job, $this->designs->build->id, $kind);
        if ($task === null || ! $task->state->isOpen() || $task->isSilent() || $task->question !== $text) {
            $task?->moveTo(TaskState::Stopped, TaskState::Waiting, TaskState::Running);
            $task = Task::query()->create([
                'job_id' => $job->id, 'version' => $job->version, 'build' => $this->designs->build->id, 'kind' => $kind, 'question' => $text,
                'state' => TaskState::Waiting,
            ]);
            RunTask::dispatch($task->id);
        }

        return $this->show($task->id);
    }

    /** The last that was asked of the job as it stands: a page that is opened again finds it. */
    public function latest(Job $job, string $kind): JsonResponse
    {
        $task = Task::latest($job, $this->designs->build->id, TaskKind::from($kind));

        return new JsonResponse($task === null ? 'null' : $task->answer(), json: true);
    }

    public function show(string $task): JsonResponse
    {
        return new JsonResponse(Task::query()->findOrFail($task)->answer(), json: true);
    }

    public function stop(string $task): JsonResponse
    {
        Task::query()->findOrFail($task)->moveTo(TaskState::Stopped, TaskState::Waiting, TaskState::Running);

        return $this->show($task);
    }
}
