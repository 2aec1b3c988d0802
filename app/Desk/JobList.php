<?php

declare(strict_types=1);

namespace App\Desk;

use App\Design\Designs;
use App\Handover\Standing;
use App\Models\Job;
use App\Models\JobRecord;
use App\People\Discretion;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** A page of jobs, found by words, filtered and sorted from stored columns: fits schema/job-list.json. No job file is opened for it. */
final readonly class JobList
{
    private const PAGE = 50;

    /** Where there are more, nobody needs to know how many. */
    private const COUNTED = 1001;

    /** Columns of words that only those see who see customers. */
    private const PRIVATE = ['customer', 'notes', 'record'];

    public function __construct(private Designs $designs, private Desk $desk, private Discretion $discretion) {}

    /** @return array<string, mixed> */
    public function page(JobQuery $query): array
    {
        $counted = $this->found($query, '')->toBase()->selectRaw('1')->limit(self::COUNTED);
        $total = DB::query()->fromSub($counted, 'counted')->count();
        // The sign keeps SQLite to the order's own index: few rows are looked at until the page is full.
        $found = $this->found($query, '+')->select('jobs.id');
        // An order by names would tell them.
        $sort = $this->discretion->isKept ? JobSort::Changed : $query->sort;
        [$column, $way] = $sort->order();
        $found->orderBy($column, $way)->orderBy('id', $way)->limit(self::PAGE + 1);
        $after = $query->after;
        if ($after !== null) {
            $found->whereRowValues([$column, 'id'], $way === 'desc' ? '<' : '>', $after);
        }
        $ids = $found->pluck('id')->all();
        $page = Job::withTrashed()->whereIn('id', array_slice($ids, 0, self::PAGE))->orderBy($column, $way)->orderBy('id', $way)->get();
        $stages = JobRecord::stages($page->modelKeys());
        $last = count($ids) > self::PAGE ? $page->last() : null;

        return [
            'total' => $total,
            'rows' => array_values($page->map(fn (Job $job): array => [...$this->row($job), 'stage' => $stages[$job->id] ?? Standing::STAGES[1]])->all()),
            'next' => $last === null ? null : JobQuery::cursor([(string) $last->getRawOriginal($column), $last->id]),
        ];
    }

    /**
     * @param  ''|'+'  $sign  before the column that words narrow: with a plus no index of it is used
     * @return Builder<Job>
     */
    private function found(JobQuery $query, string $sign): Builder
    {
        $found = match ($query->drawer) {
            Drawer::Desk => Job::query()->whereNull('archived_at'),
            Drawer::Archive => Job::query()->whereNotNull('archived_at'),
            Drawer::Bin => Job::onlyTrashed(),
        };
        if ($query->state !== null) {
            $found->where('state', $query->state->value);
        }
        $words = $query->words($this->discretion->isKept ? self::PRIVATE : []);
        if ($words !== null) {
            $found->whereRaw(
                "{$sign}jobs.id IN (SELECT job_texts.job_id FROM job_words JOIN job_texts ON job_texts.id = job_words.rowid WHERE job_words MATCH ?)", [$words],
            );
        }

        return $found;
    }

    /** @return array<string, mixed> */
    private function row(Job $job): array
    {
        $build = $this->designs->build->id;
        $row = $job->keptRow($build);
        if ($row === null) {
            $this->desk->workOut($job);
            $row = $job->keptRow($build);
        }

        return [
            'id' => $job->id, 'version' => $job->version, 'savedAt' => $job->updated_at->toIso8601ZuluString(), 'isArchived' => $job->archived_at !== null, ...$row ?? [],
            ...($this->discretion->isKept ? ['customer' => ''] : []),
        ];
    }
}
