<?php

declare(strict_types=1);

namespace App\Documents;

use App\Design\Designs;
use App\Design\Kept;
use App\Handover\Standing;
use App\Handover\Workshop;
use App\Models\Job;
use App\Models\JobLog;
use App\People\Discretion;
use Illuminate\Support\Facades\DB;
use LampThread\Exchange\HandoverPresenter;
use LampThread\Exchange\Log\LogPresenter;
use LampThread\Exchange\Wording;

/** The dossier of a saved job: made by a worker, and kept as long as nothing that stands in it has changed. */
final readonly class JobPapers
{
    public function __construct(private Designs $designs, private Dossier $dossier, private Wording $wording, private Kept $cache) {}

    /** @return string|null PDF; null where it is not made yet */
    public function kept(Job $job, string $size, Discretion $discretion): ?string
    {
        $kept = $this->cache->get($this->key($job, $size, $discretion));

        return is_string($kept) ? $kept : null;
    }

    /** @return string PDF */
    public function make(Job $job, string $size, Discretion $discretion): string
    {
        $key = $this->key($job, $size, $discretion);
        $design = $this->designs->of($job->file());
        $standing = $this->wording->worded(Standing::of($job, new HandoverPresenter($design->sizing()), $discretion)->answer());
        $compared = JobLog::compared($job);
        $comparison = $compared === null ? null : $this->wording->worded(LogPresenter::comparison($compared));
        $pdf = $this->dossier->pdf($design, $standing, $comparison, $job->version, $size, gmdate('Y-m-d'), $discretion->about($design->brief->job), Workshop::kept());
        $this->cache->put($key, $pdf);

        return $pdf;
    }

    /** Of all that stands in it: the job as it stands, its record and logs, the workshop, the day, and who may see what. */
    private function key(Job $job, string $size, Discretion $discretion): string
    {
        $last = static fn (string $table): array => [DB::table($table)->where('job_id', $job->id)->count(), DB::table($table)->where('job_id', $job->id)->max('created_at')];

        return 'dossier/'.md5(serialize([
            $job->id, $job->version, $size, $discretion->isKept, gmdate('Y-m-d'), $last('records'), $last('logs'), Workshop::kept(), $this->designs->build->id,
        ]));
    }
}
