<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Design\Designs;
use App\Models\Job;
use App\People\Deed;
use App\People\Visitor;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

/** Asks for long work, once however often it is wanted, and keeps whoever only looks from standing in others' way. */
final readonly class Tasks
{
    /** Of one person who changes nothing here. */
    private const MOST_OPEN = 3;

    private const WAIT_S = 10;

    public function __construct(private Designs $designs, private Visitor $visitor) {}

    /** Work that is open for the job as it stands, or that is begun now. */
    public function begin(Job $job, TaskKind $kind, \stdClass $question): Task
    {
        $text = (string) json_encode($question);
        $task = $this->latest($job, $kind, $kind->standsAlone() ? null : $text);
        if ($task !== null && $task->state->isOpen() && ! $task->isSilent() && $task->question === $text) {
            return $task;
        }
        $this->slowDown();
        if ($task !== null && $this->mayStop($task)) {
            $task->moveTo(TaskState::Stopped, TaskState::Waiting, TaskState::Running);
        }
        $task = Task::query()->create([
            'job_id' => $job->id, 'version' => $job->version, 'vehicle' => $job->state, 'build' => $this->designs->build->id, 'kind' => $kind, 'question' => $text,
            'state' => TaskState::Waiting, 'by' => $this->visitor->name(),
        ]);
        RunTask::dispatch($task->id)->onQueue($kind->queue());

        return $task->refresh();
    }

    /** The last of a kind that was asked of the job as it stands; null where none was. */
    public function latest(Job $job, TaskKind $kind, ?string $question = null): ?Task
    {
        return Task::query()
            ->where(['job_id' => $job->id, 'version' => $job->version, 'vehicle' => $job->state->value, 'build' => $this->designs->build->id, 'kind' => $kind->value])
            ->when($question !== null, static fn ($query) => $query->where('question', $question))->orderByDesc('id')->first();
    }

    /** What somebody else waits for is stopped by those who may change. */
    public function mayStop(Task $task): bool
    {
        return $this->visitor->may(Deed::Change) || $task->by === $this->visitor->name();
    }

    private function slowDown(): void
    {
        $open = Task::query()->where('by', $this->visitor->name())->whereIn('state', [TaskState::Waiting->value, TaskState::Running->value])->count();
        if (! $this->visitor->may(Deed::Change) && $open >= self::MOST_OPEN) {
            throw new TooManyRequestsHttpException(self::WAIT_S);
        }
    }
}
