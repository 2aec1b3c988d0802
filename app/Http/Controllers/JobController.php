<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\JobAnswer;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use LampThread\Brief\Unusable;
use LampThread\Exchange\Changes;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\Typed;

final readonly class JobController
{
    public function __construct(private JobAnswer $answer, private JobFile $jobFile, private Typed $typed) {}

    public function index(): JsonResponse
    {
        return new JsonResponse(Job::orderByDesc('updated_at')->orderBy('id')->get()->map($this->answer->row(...))->values());
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
        return new JsonResponse($this->answer->of($job));
    }

    public function change(Request $request, Job $job): JsonResponse
    {
        $label = $request->input('label');
        $changes = $request->input('changes', []);
        $typed = $request->input('typed', []);
        if (! is_string($label) || $label === '' || ! is_array($changes) || ! is_array($typed)) {
            throw Unusable::because('', 'a change needs a label and the places it sets.');
        }
        $job->change($this->version($request), mb_substr($label, 0, 200), fn (array $file): array => $this->jobFile->decode(
            JobFile::encode(Changes::apply($file, [...$changes, ...$this->typed->values($typed, $file)])),
        ));

        return $this->show($job);
    }

    public function undo(Request $request, Job $job): JsonResponse
    {
        $job->step($this->version($request), -1);

        return $this->show($job);
    }

    public function redo(Request $request, Job $job): JsonResponse
    {
        $job->step($this->version($request), 1);

        return $this->show($job);
    }

    public function remove(Job $job): Response
    {
        $job->delete();

        return new Response(status: 204);
    }

    public function restore(string $job): JsonResponse
    {
        $removed = Job::withTrashed()->findOrFail($job);
        $removed->restore();

        return $this->show($removed);
    }

    private function started(string $json, string $label): JsonResponse
    {
        return new JsonResponse($this->answer->of(Job::start($this->jobFile->decode($json), $label)), 201);
    }

    private function version(Request $request): int
    {
        $version = $request->input('version');
        if (! is_int($version)) {
            throw Unusable::because('/version', 'must be the version of the job the change was made on.');
        }

        return $version;
    }
}
