<?php

declare(strict_types=1);

namespace App\Http;

use App\Design\Design;
use App\Design\Designs;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use LampThread\Exchange\BriefForm;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\RoadPresenter;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;

/** A saved job as it goes out: fits schema/saved-job.json. */
final readonly class SavedJob
{
    public function __construct(private Designs $designs, private Wording $wording) {}

    /** @throws InvalidInput where its file no longer reads */
    public function design(Job $job): Design
    {
        return $this->designs->of($job->file());
    }

    /** The list then shows what the proof has found. */
    public function keepProven(Job $job, Design $design): void
    {
        $build = $this->designs->build->id;
        if (($job->keptRow($build)['isProven'] ?? false) !== true) {
            $job->keepRow($build, $this->wording->worded(JobRow::proven($design)->present()));
        }
    }

    public function response(Job $job, int $status = 200): JsonResponse
    {
        $design = $this->design($job);
        $build = $this->designs->build->id;
        if ($job->keptRow($build) === null) {
            $job->keepRow($build, $this->wording->worded(JobRow::of($design)->present()));
        }
        $answer = [
            'id' => $job->id,
            'version' => $job->version,
            'undoes' => $job->head > 1 ? $job->revision()?->label : null,
            'redoes' => $job->revision($job->head + 1)?->label,
            'savedAt' => $job->updated_at->toIso8601ZuluString(),
            'file' => JobFile::withObjects($design->file),
            'form' => $this->wording->worded(BriefForm::of($design->brief, $design->file)),
            'lockout' => $this->lockout($design),
        ];
        $json = json_encode($answer, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);

        // The design is kept as the text it goes out as.
        return new JsonResponse(substr($json, 0, -1).',"design":'.$design->answer().'}', $status, json: true);
    }

    /** @return array<mixed>|null */
    private function lockout(Design $design): ?array
    {
        $lockout = RoadPresenter::lockout($design->brief);

        return $lockout === null ? null : $this->wording->worded($lockout);
    }
}
