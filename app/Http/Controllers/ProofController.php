<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Revision;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Cache;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\ProofAnswer;
use LampThread\Exchange\Proving;
use LampThread\Proof\Comparison;
use LampThread\Proof\Proof;
use LampThread\Shelf\Shelf;
use LampThread\Sizing\Sizing;

final readonly class ProofController
{
    /** Longer than anyone looks at one version of a job, s. */
    private const KEPT_S = 43_200;

    public function __construct(private JobFile $files, private Shelf $shelf) {}

    /** Kept by what is proven, so that undo and redo find it again. */
    public function show(Job $job): JsonResponse
    {
        $file = $job->file();
        $key = 'proof/'.md5(serialize([$file, $this->shelf->own]));

        return new JsonResponse(Cache::remember($key, self::KEPT_S, fn (): string => (string) json_encode(
            ProofAnswer::of(Proving::of($file, $this->files, $this->shelf)),
            JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )), json: true);
    }

    public function compare(Job $job, int $number): JsonResponse
    {
        $other = $job->revision($number) ?? abort(404);
        $comparison = Comparison::of($this->proof($other->file), $this->proof($job->file()));

        return new JsonResponse(get_object_vars($comparison));
    }

    public function revisions(Job $job): JsonResponse
    {
        $rows = [];
        /** @var Revision $revision */
        foreach ($job->revisions()->orderByDesc('number')->get() as $revision) {
            $rows[] = [
                'number' => $revision->number,
                'label' => $revision->label,
                'savedAt' => $revision->updated_at->toIso8601ZuluString(),
                'stands' => $revision->number === $job->head,
            ];
        }

        return new JsonResponse($rows);
    }

    /** @param  array<string, mixed>  $file */
    private function proof(array $file): Proof
    {
        return Proof::of(Sizing::of($this->files->brief($file), $this->shelf), $this->shelf);
    }
}
