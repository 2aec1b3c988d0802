<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\Desk;
use App\Desk\JobList;
use App\Desk\JobQuery;
use App\Http\Requests\ArchiveRequest;
use App\Http\Requests\ArrangementRequest;
use App\Http\Requests\Body;
use App\Http\Requests\ChangeRequest;
use App\Http\Requests\StepRequest;
use App\Http\SavedJob;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class JobController
{
    public function __construct(private SavedJob $saved, private Desk $desk, private Body $body) {}

    public function index(Request $request, JobList $list): JsonResponse
    {
        return new JsonResponse($list->page(JobQuery::read($request)));
    }

    public function start(Request $request): JsonResponse
    {
        return $this->started($this->desk->begin(ArrangementRequest::read($request, $this->body)->arrangement));
    }

    /** A usual arrangement in the place of what is there; the vehicle stays. */
    public function arrange(Request $request, Job $job): JsonResponse
    {
        $asked = ArrangementRequest::read($request, $this->body);
        $this->desk->arrange($job, $asked->version, $asked->arrangement ?? '');

        return $this->show($job);
    }

    public function import(Request $request): JsonResponse
    {
        return $this->started($this->desk->import($request->getContent()));
    }

    public function duplicate(Job $job): JsonResponse
    {
        return $this->started($this->desk->duplicate($job));
    }

    public function show(Job $job): JsonResponse
    {
        return $this->saved->response($job);
    }

    public function change(Request $request, Job $job): JsonResponse
    {
        $this->desk->change($job, ChangeRequest::read($request, $this->body));

        return $this->show($job);
    }

    /** A whole file in the place of one that no longer reads; the query names the version it was read at. */
    public function mend(Request $request, Job $job): JsonResponse
    {
        $this->desk->mend($job, $request->query->getInt('version'), $request->getContent());

        return $this->show($job);
    }

    public function undo(Request $request, Job $job): JsonResponse
    {
        $parent = $job->revision()?->parent;
        $this->desk->standOn($job, StepRequest::read($request, $this->body)->version, $parent === null ? null : $job->revision($parent));

        return $this->show($job);
    }

    public function redo(Request $request, Job $job): JsonResponse
    {
        $this->desk->standOn($job, StepRequest::read($request, $this->body)->version, $job->undone());

        return $this->show($job);
    }

    /** Back to any revision of the history. */
    public function standOn(Request $request, Job $job, int $number): JsonResponse
    {
        $this->desk->standOn($job, StepRequest::read($request, $this->body)->version, $job->revision($number) ?? abort(404));

        return $this->show($job);
    }

    public function takeSizes(Request $request, Job $job): JsonResponse
    {
        $this->desk->takeSizes($job, StepRequest::read($request, $this->body)->version);

        return $this->show($job);
    }

    public function archive(Request $request, Job $job): Response
    {
        $asked = ArchiveRequest::read($request, $this->body);
        $job->archive($asked->version, $asked->isArchived);

        return new Response(status: 204);
    }

    /** Into the bin, from where it can be restored. */
    public function remove(Request $request, Job $job): Response
    {
        $job->bin(StepRequest::read($request, $this->body)->version);

        return new Response(status: 204);
    }

    public function restore(string $job): Response
    {
        Job::onlyTrashed()->findOrFail($job)->restore();

        return new Response(status: 204);
    }

    /** For good, with every revision: only what lies in the bin. */
    public function erase(Request $request, string $job): Response
    {
        $this->desk->erase(Job::onlyTrashed()->findOrFail($job), StepRequest::read($request, $this->body)->version);

        return new Response(status: 204);
    }

    private function started(Job $job): JsonResponse
    {
        // Anew, as a job file may have brought parts onto the shelf.
        return app(SavedJob::class)->response($job, 201);
    }
}
