<?php

declare(strict_types=1);

namespace App\Http;

use App\Design\Design;
use App\Design\Designs;
use App\Models\Job;
use App\People\Discretion;
use Illuminate\Http\JsonResponse;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\RoadPresenter;
use LampThread\Exchange\VehicleState;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;

/** A saved job as it goes out: fits schema/saved-job.json. */
final readonly class SavedJob
{
    public function __construct(private Designs $designs, private Wording $wording, private Discretion $discretion) {}

    /** @throws InvalidInput where its file no longer reads, or cannot be worked out */
    public function design(Job $job): Design
    {
        return $this->designs->as($job->state, $job->file());
    }

    public function response(Job $job, int $status = 200): JsonResponse
    {
        $design = $this->design($job);
        $standing = $job->revision();
        $answer = [
            'id' => $job->address(),
            'state' => $job->state->value,
            'version' => $job->version,
            'undoes' => $standing?->parent === null ? null : $standing->label,
            'redoes' => $job->undone()?->label,
            'savedAt' => $job->updated_at->toIso8601ZuluString(),
            'file' => JobFile::withObjects($this->discretion->file($design->file)),
            'altered' => $this->designs->of($job->file())->altered(),
            'lockout' => $this->lockout($design),
            // Sizes are kept of what the vehicle leaves with.
            'resized' => $this->resized($job->state === VehicleState::Leaves ? $standing?->sizes : null, $design),
        ];
        $json = json_encode($answer, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);

        // Form and design are kept as the texts they go out as.
        return new JsonResponse(substr($json, 0, -1).',"form":'.$design->form().',"design":'.$design->answer().'}', $status, json: true);
    }

    /**
     * @param  array<string, array{name: string, part: string, label: string}>|null  $saved  as an earlier program, or another shelf, had it
     * @return list<array{name: string, before: string|null, now: string|null}> what is of another size now
     */
    private function resized(?array $saved, Design $design): array
    {
        $rows = [];
        $now = $design->sizes();
        foreach ($saved === null ? [] : $saved + $now as $id => $choice) {
            if (($saved[$id]['part'] ?? null) !== ($now[$id]['part'] ?? null)) {
                $rows[] = ['name' => $choice['name'], 'before' => $saved[$id]['label'] ?? null, 'now' => $now[$id]['label'] ?? null];
            }
        }

        return $rows;
    }

    /** @return array<mixed>|null */
    private function lockout(Design $design): ?array
    {
        $lockout = RoadPresenter::lockout($design->brief);

        return $lockout === null ? null : $this->wording->worded($lockout);
    }
}
