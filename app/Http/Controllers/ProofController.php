<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Design\Design;
use App\Design\Designs;
use App\Desk\Desk;
use App\Http\SavedJob;
use App\Models\Job;
use App\Models\Revision;
use App\Tasks\TaskKind;
use App\Tasks\Tasks;
use App\Tasks\TaskState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use LampThread\Exchange\ComparisonPresenter;
use LampThread\Exchange\Wording;
use LampThread\Proof\Comparison;

final readonly class ProofController
{
    private const PAGE = 100;

    public function __construct(private SavedJob $saved, private Designs $designs, private Wording $wording, private Tasks $tasks) {}

    /** Where it is not there yet a worker works it out: then it is asked for again. */
    public function show(Job $job, Desk $desk): JsonResponse
    {
        $design = $this->saved->design($job);
        $pending = $this->pending($job, $design, null);
        if ($pending === null) {
            $desk->keepProven($job, $design);
        }

        return $pending ?? new JsonResponse($design->proofAnswer(), json: true);
    }

    public function compare(Job $job, int $number): JsonResponse
    {
        $revision = $job->revision($number) ?? abort(404);
        $other = $this->designs->as($job->state, $revision->file);
        $design = $this->saved->design($job);

        return $this->pending($job, $design, null) ?? $this->pending($job, $other, $number)
            ?? new JsonResponse(ComparisonPresenter::of(Comparison::of($other->proofSummary(), $design->proofSummary()), $this->wording));
    }

    /** @param  int|null  $revision  whose design it is; null for the one that stands */
    private function pending(Job $job, Design $design, ?int $revision): ?JsonResponse
    {
        if ($design->isProven()) {
            return null;
        }
        $task = $this->tasks->begin($job, TaskKind::Proof, (object) ['revision' => $revision]);

        // Where nothing can be kept, as on a full disk, it is worked out at once.
        return $task->state === TaskState::Done ? null : TaskController::pending($task);
    }

    /** The newest, or those before a number: fits schema/revisions.json. */
    public function revisions(Request $request, Job $job): JsonResponse
    {
        $before = $request->integer('before') ?: PHP_INT_MAX;
        $rows = [];
        /** @var Revision $revision */
        foreach ($job->revisions()->select(['number', 'label', 'updated_at', 'parent', 'by'])
            ->where('number', '<', $before)->orderByDesc('number')->limit(self::PAGE)->get() as $revision) {
            $rows[] = [
                'number' => $revision->number,
                'label' => $revision->label,
                'savedAt' => $revision->updated_at->toIso8601ZuluString(),
                'parent' => $revision->parent,
                'by' => $revision->by,
                'stands' => $revision->number === $job->head,
            ];
        }

        return new JsonResponse($rows);
    }
}
