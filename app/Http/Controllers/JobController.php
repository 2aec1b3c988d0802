<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Design\Designs;
use App\Http\JobList;
use App\Http\Requests\Body;
use App\Http\Requests\ChangeRequest;
use App\Http\Requests\StepRequest;
use App\Http\SavedJob;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use LampThread\Exchange\Changes;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\ValueParser;

final readonly class JobController
{
    public function __construct(private SavedJob $saved, private Designs $designs, private ValueParser $values, private Body $body) {}

    public function index(JobList $list): JsonResponse
    {
        return new JsonResponse($list->rows());
    }

    public function start(): JsonResponse
    {
        return $this->started((string) file_get_contents(base_path('core/data/start.lampthread.json')), 'New job');
    }

    public function import(Request $request): JsonResponse
    {
        return $this->started($request->getContent(), 'Imported');
    }

    public function show(Job $job): JsonResponse
    {
        return $this->saved->response($job);
    }

    public function change(Request $request, Job $job): JsonResponse
    {
        $change = ChangeRequest::read($request, $this->body);
        $job->change($change->version, $change->label, fn (array $file): array => $this->designs->decode(
            JobFile::encode(Changes::apply($file, [...$change->changes, ...$this->values->values($change->typed, $file)])),
        ));

        return $this->show($job);
    }

    /** A whole file in the place of one that no longer reads. */
    public function mend(Request $request, Job $job): JsonResponse
    {
        $file = $this->designs->decode($request->getContent());
        $job->change($job->version, 'Mended', static fn (): array => $file);

        return $this->show($job);
    }

    public function undo(Request $request, Job $job): JsonResponse
    {
        $job->step(StepRequest::read($request, $this->body)->version, -1);

        return $this->show($job);
    }

    public function redo(Request $request, Job $job): JsonResponse
    {
        $job->step(StepRequest::read($request, $this->body)->version, 1);

        return $this->show($job);
    }

    public function remove(Job $job): Response
    {
        $job->delete();

        return new Response(status: 204);
    }

    public function restore(string $job): Response
    {
        Job::withTrashed()->findOrFail($job)->restore();

        return new Response(status: 204);
    }

    private function started(string $json, string $label): JsonResponse
    {
        return $this->saved->response(Job::start($this->designs->decode($json), $label), 201);
    }
}
