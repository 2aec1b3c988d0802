<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Job;
use Illuminate\Support\Facades\Cache;
use LampThread\Circuit\Circuit;
use LampThread\Exchange\DesignAnswer;
use LampThread\Exchange\JobFile;
use LampThread\Proof\Findings;
use LampThread\Proof\Severity;
use LampThread\Shelf\Shelf;
use LampThread\Sizing\Sizing;

/** A saved job as it goes out. */
final readonly class JobAnswer
{
    /** Longer than anyone stands at one bench, s. */
    private const KEPT_S = 43_200;

    public function __construct(private JobFile $jobFile, private Shelf $shelf) {}

    public function sizing(Job $job): Sizing
    {
        return Sizing::of($this->jobFile->brief($job->file()), $this->shelf);
    }

    /** The sized circuit of a saved version, kept: the bench asks for it many times between two changes. */
    public function circuit(Job $job): Circuit
    {
        $key = "circuit/{$job->id}/{$job->version}/{$job->updated_at->getTimestamp()}/".md5(serialize($this->shelf->own));

        return Cache::remember($key, self::KEPT_S, fn (): Circuit => $this->sizing($job)->circuit);
    }

    /** @return array<string, mixed> fits schema/saved-job.json */
    public function of(Job $job): array
    {
        $revision = $job->revision();
        $file = $job->file();

        return [
            'id' => $job->id,
            'version' => $job->version,
            'undoes' => $job->head > 1 ? $revision?->label : null,
            'redoes' => $job->revision($job->head + 1)?->label,
            'savedAt' => $job->updated_at->toIso8601ZuluString(),
            'file' => JobFile::withObjects($file),
            'design' => DesignAnswer::of($this->sizing($job), $this->shelf),
        ];
    }

    /** @return array<string, mixed> one row of schema/job-list.json */
    public function row(Job $job): array
    {
        $file = $job->file();
        $severities = array_count_values(array_map(
            static fn ($finding): string => $finding->severity->value,
            Findings::of($this->sizing($job)),
        ));
        $fans = count($file['fans']);

        return [
            'id' => $job->id,
            'title' => $file['job']['title'],
            'customer' => $file['job']['customer'] ?? '',
            'vehicle' => $file['job']['vehicle'] ?? '',
            'savedAt' => $job->updated_at->toIso8601ZuluString(),
            'summary' => sprintf('%d V, %s', $file['supply']['systemV'], $fans === 1 ? 'one fan' : "{$fans} fans"),
            'dangers' => $severities[Severity::Danger->value] ?? 0,
            'warnings' => $severities[Severity::Warning->value] ?? 0,
        ];
    }
}
