<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\SavedJob;
use App\Models\Job;
use Illuminate\Console\Command;
use LampThread\Exchange\JobFile;

final class DemoCommand extends Command
{
    protected $signature = 'lamp:demo';

    protected $description = 'Adds the demo workshop’s jobs that are not there yet; never touches one that is, or was removed';

    public function handle(JobFile $jobFile, SavedJob $saved): int
    {
        foreach (glob(base_path('core/data/jobs/*.lampthread.json')) ?: [] as $path) {
            $id = basename($path, '.lampthread.json');
            if (Job::withTrashed()->find($id) === null) {
                $job = Job::start($jobFile->decode((string) file_get_contents($path)), 'Demo', $id);
                $saved->keepProven($job, $saved->design($job));
                $this->line("added {$id}");
            }
        }

        return self::SUCCESS;
    }
}
