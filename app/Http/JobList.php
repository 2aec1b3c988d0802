<?php

declare(strict_types=1);

namespace App\Http;

use App\Design\Designs;
use App\Models\Job;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;

/** All jobs, the newest first: fits schema/job-list.json. */
final readonly class JobList
{
    public function __construct(private Designs $designs, private Wording $wording) {}

    /** @return list<array<string, mixed>> */
    public function rows(): array
    {
        $rows = [];
        foreach (Job::orderByDesc('updated_at')->orderBy('id')->get() as $job) {
            $kept = $job->keptRow($this->designs->build->id) ?? $this->worked($job);
            $rows[] = ['id' => $job->id, 'version' => $job->version, 'savedAt' => $job->updated_at->toIso8601ZuluString(), ...$kept];
        }

        return $rows;
    }

    /** @return array<string, mixed> worked out anew and kept */
    private function worked(Job $job): array
    {
        try {
            $row = JobRow::of($this->designs->of($job->file()));
        } catch (InvalidInput $invalid) {
            $row = JobRow::unreadable($job, $invalid->problems);
        }
        $worded = $this->wording->worded($row->present());
        $job->keepRow($this->designs->build->id, $worded);

        return $worded;
    }
}
