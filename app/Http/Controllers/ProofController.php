<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Design\Designs;
use App\Desk\Desk;
use App\Http\SavedJob;
use App\Models\Job;
use App\Models\Revision;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use LampThread\Exchange\ComparisonPresenter;
use LampThread\Exchange\Wording;
use LampThread\Proof\Comparison;

final readonly class ProofController
{
    private const PAGE = 100;

    public function __construct(private SavedJob $saved, private Designs $designs, private Wording $wording) {}

    public function show(Job $job, Desk $desk): JsonResponse
    {
        $design = $this->saved->design($job);
        $answer = $design->proofAnswer();
        $desk->keepProven($job, $design);

        return new JsonResponse($answer, json: true);
    }

    public function compare(Job $job, int $number): JsonResponse
    {
        $other = $job->revision($number) ?? abort(404);
        $comparison = Comparison::of($this->designs->of($other->file)->proofSummary(), $this->saved->design($job)->proofSummary());

        return new JsonResponse(ComparisonPresenter::of($comparison, $this->wording));
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
